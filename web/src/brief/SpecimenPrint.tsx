import { PrintedSheets } from '../proof/Print'
import { MeasuredPage, useStrokesByPage } from './SpecimenPages'
import type { Specimen } from './useBrief'

/** Labels on paper, in points. */
const SIZE = 8

/** While the browser prints: each page of the specimen on a sheet, with its measures. */
export function SpecimenPrint({ specimen }: { specimen: Specimen }) {
  const strokes = useStrokesByPage(specimen)
  return (
    <PrintedSheets
      pages={specimen.layout.pages}
      renderPage={(page, scale) => (
        <MeasuredPage
          key={page.number}
          page={page}
          strokes={strokes.get(page.number) ?? []}
          scale={scale}
          size={SIZE}
        />
      )}
    />
  )
}
