import { sheetCellsOf, SHEETS } from './sheets'

it.each(SHEETS.map((sheet) => [sheet.id, sheet] as const))(
  '%s: no cell leaves the page or lies on another',
  (_, sheet) => {
    const perPage = sheet.columns * sheet.rows
    const cells = sheetCellsOf(sheet, perPage + 1)
    expect(cells.at(-1)).toMatchObject({ page: 1, x: sheet.left, y: sheet.top })
    const first = cells.slice(0, perPage)
    for (const { page, x, y, width, height } of first) {
      expect(page).toBe(0)
      expect(x + width).toBeLessThanOrEqual(sheet.page.width + 0.01)
      expect(y + height).toBeLessThanOrEqual(sheet.page.height + 0.01)
    }
    first.forEach((a, i) =>
      first.slice(i + 1).forEach((b) => {
        const apart =
          Math.abs(a.x - b.x) >= sheet.cell.width - 0.01 || Math.abs(a.y - b.y) >= sheet.cell.height - 0.01
        expect(apart).toBe(true)
      }),
    )
  },
)

it('leaves out stickers that were used up', () => {
  const [sheet] = SHEETS.filter(({ id }) => id === 'stickers-24')
  expect(sheetCellsOf(sheet!, 1, 4)[0]).toMatchObject({ page: 0, x: 70, y: 37.5 })
  expect(sheetCellsOf(sheet!, 1, 24)[0]).toMatchObject({ page: 1 })
})
