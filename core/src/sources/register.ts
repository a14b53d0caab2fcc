/** How well a source is known: read in its text, recalled from memory, or not a published text at all. */
export type Standing = 'read' | 'recalled' | 'practice' | 'judgement' | 'physics' | 'assumed' | 'generic' | 'firm';

export interface Source {
  readonly name: string;
  readonly standing: Standing;
}

const registered = {
  'aci-224-1r': { name: 'ACI 224.1R, routing, sealing and injecting cracks', standing: 'recalled' },
  'aci-224r': { name: 'ACI 224R, guide widths for reinforced members', standing: 'recalled' },
  'aci-305r': { name: 'ACI 305R, concreting in hot weather', standing: 'recalled' },
  'ada-303': { name: '2010 ADA Standards, section 303, changes in level', standing: 'recalled' },
  'ada-504': { name: '2010 ADA Standards, section 504, stairways', standing: 'recalled' },
  'absolute-volume': { name: 'absolute volumes, as in ACI 211 and PCA', standing: 'recalled' },
  'ansi-b74': { name: 'ANSI B74.12 and B74.18, grain sizes (CAMI)', standing: 'recalled' },
  'ashrae-1': { name: 'ASHRAE Handbook Fundamentals, chapter 1, psychrometrics', standing: 'recalled' },
  'astm-c840': { name: 'ASTM C840, application of gypsum board', standing: 'recalled' },
  'astm-d4263': { name: 'ASTM D4263, moisture in concrete by a plastic sheet', standing: 'recalled' },
  'astm-c881': { name: 'ASTM C881, epoxy bonding systems for concrete', standing: 'recalled' },
  'aci-302-1r': { name: 'ACI 302.1R, concrete floor construction', standing: 'recalled' },
  'astm-c475': { name: 'ASTM C475, joint compound', standing: 'recalled' },
  'astm-c842': { name: 'ASTM C842, application of interior gypsum plaster', standing: 'recalled' },
  'astm-c1063': { name: 'ASTM C1063, lathing for cement plaster', standing: 'recalled' },
  'ga-216': { name: 'GA-216, application of gypsum panels', standing: 'recalled' },
  'ibc-2512': { name: 'International Building Code, Table 2512.6, curing of cement plaster', standing: 'recalled' },
  'astm-c926': { name: 'ASTM C926, application of cement plaster', standing: 'recalled' },
  'astm-c1074': { name: 'ASTM C1074, maturity of concrete', standing: 'recalled' },
  'astm-c1193': { name: 'ASTM C1193, use of joint sealants', standing: 'recalled' },
  ciede2000: { name: 'CIEDE2000, Sharma, Wu and Dalal (2005)', standing: 'recalled' },
  'cubic-law': { name: 'flow between parallel faces (cubic law)', standing: 'physics' },
  'de-larrard': { name: 'linear packing model with the interaction functions of de Larrard', standing: 'recalled' },
  'en-1504-3': { name: 'EN 1504-3, repair mortars for concrete', standing: 'recalled' },
  'en-1504-5': { name: 'EN 1504-5, injection of concrete', standing: 'recalled' },
  'neshap-61': { name: '40 CFR 61.145 (USA), asbestos before renovation', standing: 'recalled' },
  'epa-745': { name: '40 CFR 745 subpart E (USA), renovation of painted places', standing: 'recalled' },
  'fepa-43': { name: 'FEPA 43 and ISO 6344, grain sizes (P)', standing: 'recalled' },
  'ga-214': { name: 'GA-214, levels of finish of gypsum panels', standing: 'recalled' },
  'gypsum-drying': { name: 'fit to the drying table of the gypsum industry', standing: 'recalled' },
  'ideal-gas': { name: 'ideal gas, no ventilation', standing: 'physics' },
  'icri-310-1r': { name: 'ICRI 310.1R, surface preparation for repair', standing: 'recalled' },
  'iso-8502-4': { name: 'ISO 8502-4, condensation before painting', standing: 'recalled' },
  'jcgm-100': { name: 'JCGM 100, guide to the expression of uncertainty in measurement', standing: 'recalled' },
  'kubelka-munk': { name: 'Kubelka and Munk (1931)', standing: 'physics' },
  'lift-model': { name: 'conduction with the cure of Kamal and Sourour (1973), generic epoxy', standing: 'physics' },
  'menzel-1954': { name: 'Menzel (1954), evaporation from fresh concrete, in the metric form of Uno (1998)', standing: 'recalled' },
  'osha-1926-1153': { name: '29 CFR 1926.1153 Table 1 (USA), respirable crystalline silica', standing: 'recalled' },
  saunderson: { name: 'Saunderson (1942)', standing: 'physics' },
  washburn: { name: 'Washburn (1921), penetration between parallel faces, with gravity added', standing: 'physics' },
  'wood-handbook': { name: 'Wood Handbook, chapter 4, equilibrium moisture by Hailwood and Horrobin', standing: 'recalled' },
  geometry: { name: 'geometry', standing: 'physics' },
  arrhenius: { name: 'Arrhenius rate law, activation energy on the safe side for waiting times', standing: 'physics' },
  'gel-rule': { name: 'rate doubling with ten kelvin below the reference and Arrhenius above it, the shorter time', standing: 'judgement' },
  practice: { name: 'common practice', standing: 'practice' },
  judgement: { name: 'judgement on the safe side', standing: 'judgement' },
  firm: { name: 'the firm’s own rate', standing: 'firm' },
  'product-sheet': { name: 'the product’s data sheet, as the firm entered it', standing: 'firm' },
  'assumed-rate': { name: 'assumed rate, to be replaced by the firm’s own', standing: 'assumed' },
  'assumed-pack': { name: 'assumed pack, to be replaced by the product’s own', standing: 'assumed' },
  'generic-sheet': { name: 'usual data-sheet value of this class of product; the product’s own sheet goes first', standing: 'generic' },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof registered;

export const sources: Readonly<Record<SourceId, Source>> = registered;

/** A source as it is cited on screen and sheet; one known from memory says so. */
export function cite(id: SourceId): string {
  const source = sources[id];
  return source.standing === 'recalled' ? `${source.name}; as recalled, check the current text` : source.name;
}
