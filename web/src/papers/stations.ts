/** The stations of the order of work, as a writer reads them. */
const NAMES: Record<string, string> = {
  sheet: 'Sheet',
  type: 'Type',
  spacing: 'Spacing',
  'running-head': 'Running head',
  opening: 'Opening',
  headings: 'Headings',
  text: 'Text',
  notes: 'Notes',
  tables: 'Tables',
  figures: 'Figures',
  sources: 'Sources',
  appendices: 'Appendices',
  'hand-in': 'Hand-in',
}

export function stationName(id: string): string {
  return NAMES[id] ?? id
}
