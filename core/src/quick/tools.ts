/** A small tool of the page of figures that is more than one formula. */
export interface QuickTool {
  readonly id: 'weather-windows' | 'lift-heat' | 'port-layout' | 'cup-marks' | 'wrong-cup' | 'grit-ladder' | 'tinting';
  /** title of the group of formulas that it stands with */
  readonly group: string;
  readonly title: string;
  readonly words: string;
}

export const quickTools: readonly QuickTool[] = [
  { id: 'weather-windows', group: 'Climate', title: 'When the weather lets you begin', words: 'From when to when a work may begin, so that all it asks of the weather holds while it is done and while it cures.' },
  { id: 'lift-heat', group: 'Setting and cure', title: 'Heat of a thick lift', words: 'How hot a lift of resin gets by itself, when, and how thick it may be.' },
  { id: 'port-layout', group: 'Injection and fine cracks', title: 'Where the ports stand', words: 'Ports along a crack: one at each end and at each crossing, and no gap wider than the spacing.' },
  { id: 'cup-marks', group: 'Mixing', title: 'A ratio in a marked cup', words: 'To which marks of a graduated cup each part is poured: whole marks only, never less than is needed, and the ratio within its tolerance.' },
  { id: 'wrong-cup', group: 'Mixing', title: 'A cup weighed wrong', words: 'Whether it is still within its tolerance, what to add to it, or why it is thrown away.' },
  { id: 'grit-ladder', group: 'Surface and finish', title: 'Ladder of grits', words: 'From the roughness there is to the finish wanted, in steps that each take out the scratches of the last, over the grits on the rack.' },
  { id: 'tinting', group: 'Color', title: 'Next addition of tint', words: 'What to add to the pot next so that it comes nearer to the piece and is never darker than it. Each dried dab, measured or judged by eye, teaches how strong the tints are.' },
];
