/** How tall a field's season is drawn. */
export type RowHeight = 'tall' | 'row' | 'thread'

export const HEIGHTS: { key: RowHeight; title: string }[] = [
  { key: 'tall', title: 'Tall rows' },
  { key: 'row', title: 'Rows' },
  { key: 'thread', title: 'Threads' },
]

/** What a field takes of the page, px: threads of a whole farm fit on one screen. */
const PX: Record<RowHeight, number> = { tall: 104, row: 44, thread: 18 }
const TALL_ON_PHONE = 152

export const heightPx = (height: RowHeight, phone: boolean) =>
  height === 'tall' && phone ? TALL_ON_PHONE : PX[height]
