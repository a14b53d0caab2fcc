import type { Section } from './section.ts';

/** The section of a place overhead, as it hangs: its face below. What is seen from the front stays as it is. */
export function hanging(section: Section): Section {
  if (section.view === 'front') return section;
  const onTop = section.caption.some((part) => typeof part === 'string' && part.includes('face on top'));
  const caption = onTop
    ? section.caption.map((part) => (typeof part === 'string' ? part.replace('face on top', 'face below, as it hangs') : part))
    : [...section.caption, ', as it hangs, the face below'];
  return { ...section, faces: 'down', caption };
}
