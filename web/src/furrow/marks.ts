/** Own drawings of the field's tools, in a box of 20 by 20, stroked. */
const DRAWINGS: Record<string, string> = {
  // a disc opener with its seed
  drill: 'M5 9a5 5 0 1 0 10 0M3 9h14M10 15v2',
  precisionPlanter: 'M4 5h12l-3 6h-6zM10 11v5M7 16h6',
  interseeder: 'M4 16V5M16 16V5M10 6v7M8 11l2 3 2-3',
  airBox: 'M5 5h10v5H5zM7 10v6M13 10v6M10 10v6',
  highClearance: 'M4 5h12M6 5v11M14 5v11M8 9l2 3 2-3',
  aircraft: 'M2 9h16M10 4v11M7 15h6',
  drone: 'M3 6h5M12 6h5M5.500 6l4.500 5 4.500-5M8 11h4v4H8z',
  combineHead: 'M3 12h14M3 12V8M6.500 12V8M10 12V8M13.500 12V8M17 12V8M6 15h8',
  broadcast: 'M10 5v4M10 9l-6 6M10 9l-2 7M10 9l2 7M10 9l6 6',
  broadcastIncorporated: 'M10 4v4M10 8l-5 4M10 8l5 4M4 15l2-2 2 2 2-2 2 2 2-2 2 2',
  slurry: 'M4 7a6 3 0 0 1 12 0v4a6 3 0 0 1-12 0zM10 14v3',
  frost: 'M10 3v14M4 6.500l12 7M16 6.500l-12 7',
  byHand: 'M6 16c0-6 1-8 4-8s4 2 4 8M8 5a2 2 0 1 0 4 0 2 2 0 1 0-4 0',
  // endings
  winter: 'M10 3v14M4 6.500l12 7M16 6.500l-12 7M8 5l2 2 2-2M8 15l2-2 2 2',
  sprayEarly: 'M10 3v5M7 8h6M8 8l-3 8M12 8l3 8M10 8v8',
  plantGreenSpray: 'M6 3v4M4 7h4M5 7l-2 6M7 7l2 6M14 16V9M14 11c-3 0-3-3-3-3M14 10c3 0 3-3 3-3',
  rollPlant: 'M4 10a6 6 0 1 0 12 0 6 6 0 1 0-12 0M7 6l6 8M13 6l-6 8',
  plantGreenRoll:
    'M3 11a4.500 4.500 0 1 0 9 0 4.500 4.500 0 1 0-9 0M15 16V8M15 10c-2 0-2-3-2-3M15 9c2 0 2-3 2-3',
  sprayStanding: 'M10 3v4M7 7h6M5 17V9M10 17V9M15 17V9',
  rollSpray: 'M3 12a4.500 4.500 0 1 0 9 0 4.500 4.500 0 1 0-9 0M15 3v5M13 8h4M14 8l-1 5M16 8l1 5',
  graze: 'M4 8c2-2 10-2 12 0v3c-1 2-3 4-6 4s-5-2-6-4zM4 8L2 5M16 8l2-3M8 12h4',
  hay: 'M4 10a6 6 0 1 0 12 0 6 6 0 1 0-12 0M7 10a3 3 0 1 0 6 0 3 3 0 1 0-6 0',
  mow: 'M3 14h14M5 14l3-8M10 14l3-8M15 14l2-6',
  till: 'M3 6h14M6 6c0 4 0 6 3 9M11 6c0 4 0 6 3 9',
  rowZone: 'M6 3v4M3 7h6M4 7l-1 5M8 7l1 5M13 17V9M17 17V9M3 16h6',
  betweenRows: 'M4 17V7M16 17V7M7 12a3 3 0 1 0 6 0 3 3 0 1 0-6 0',
  cultivate: 'M3 6h14M6 6c0 3 0 5-2 8l4-2M13 6c0 3 0 5-2 8l4-2',
  // the next crop's planter unit
  plant: 'M10 17V8M10 11c-4 0-5-4-5-5 4 0 5 3 5 5M10 10c4 0 5-4 5-5-4 0-5 3-5 5',
}

/** Whether a seeding method or ending has a drawing of its own. */
export const drawn = (kind: string) => kind in DRAWINGS

/** The drawing of a seeding method or ending. */
export function drawing(kind: string): string {
  return DRAWINGS[kind] ?? 'M5 10h10'
}
