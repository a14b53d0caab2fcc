import { type Section } from '@oddment/core';
import { useRef, useState, useEffect } from 'react';
import { SectionPicture } from './Drawing.tsx';
import { Say } from './Fig.tsx';
import { useNarrow } from './narrow.ts';

/** What stands around a drawing, below it where there is no room. */
function Below({ section }: { section: Section }) {
  return (
    <>
      <p className="quiet" style={{ margin: 0 }}>
        <Say saying={section.footnote} plain />
      </p>
      <ul style={{ margin: '4px 0', paddingLeft: 18 }}>
        {section.notes.map((n) => (
          <li key={n.id}>
            <b>
              <Say saying={n.title} plain />
            </b>
            {n.detail ? (
              <>
                , <Say saying={n.detail} plain />
              </>
            ) : null}
          </li>
        ))}
      </ul>
    </>
  );
}

/** A drawing as it is printed; on the phone with what stands around it below. */
export function PrintedPicture({ section, height }: { section: Section; height: number }) {
  const narrow = useNarrow();
  if (!narrow) return <SectionPicture section={section} width={780} height={height} forPrint />;
  return (
    <>
      <SectionPicture section={section} width={360} height={270} forPrint bare />
      <Below section={section} />
    </>
  );
}

/** The drawing, as large as its place allows. */
function FittedPicture({ section }: { section: Section }) {
  const host = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 640, height: 430 });
  useEffect(() => {
    const element = host.current;
    if (!element) return;
    const watch = new ResizeObserver(([entry]) => {
      if (entry)
        setSize({
          width: Math.max(330, Math.round(entry.contentRect.width)),
          height: Math.max(300, Math.min(560, Math.round(entry.contentRect.height || 400))),
        });
    });
    watch.observe(element);
    return () => {
      watch.disconnect();
    };
  }, []);
  const narrow = size.width < 520;
  return (
    <div ref={host} className="fitted" style={{ minHeight: narrow ? 0 : 300, overflow: 'hidden' }}>
      <SectionPicture section={section} width={size.width} height={narrow ? Math.round(size.width * 0.75) : size.height} bare={narrow} />
      {narrow ? <Below section={section} /> : null}
    </div>
  );
}

/** The drawings of a repair, one at a time. */
export function Drawings({ sections }: { sections: readonly Section[] }) {
  const [at, setAt] = useState(0);
  const section = sections[at] ?? sections[0];
  if (!section) return <div />;
  return (
    <div className="drawings">
      {sections.length > 1 ? (
        <div role="group" aria-label="Which drawing" className="views">
          {sections.map((s, i) => (
            <button
              key={i}
              type="button"
              className={`plain${i === at || (i === 0 && sections[at] === undefined) ? ' on' : ''}`}
              aria-pressed={section === s}
              onClick={() => {
                setAt(i);
              }}
            >
              <Say saying={s.caption} plain />
            </button>
          ))}
        </div>
      ) : null}
      <FittedPicture section={section} />
    </div>
  );
}
