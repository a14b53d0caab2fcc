/** How a verdict is told and marked. */
export const gradeWords = { fits: 'fits', care: 'fits with care', out: 'ruled out' } as const;
export const gradeSigns = { fits: '✓', care: '△', out: '✕' } as const;
