/** Work that raises silica dust, as the table of 29 CFR 1926.1153 names it, with the control that its row asks for. */
export type DustWork =
  | 'stationary-saw-wet'
  | 'handheld-saw-wet'
  | 'floor-grinder'
  | 'walk-behind-saw-wet'
  | 'core-drill-wet'
  | 'drill-shrouded'
  | 'chipping-wet'
  | 'chipping-shrouded'
  | 'mortar-grinder-shrouded'
  | 'grinder-wet'
  | 'grinder-shrouded';
