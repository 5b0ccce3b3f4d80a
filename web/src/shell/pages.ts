import {
  mdiAccountOutline,
  mdiCalendarRange,
  mdiCashCheck,
  mdiChartScatterPlot,
  mdiMapOutline,
  mdiScaleBalance,
  mdiSeedOutline,
  mdiTractor,
  mdiViewWeekOutline,
  mdiTrayArrowDown,
  mdiWeatherPartlyRainy,
  mdiWeatherSunsetUp,
} from '@mdi/js'

/** A word of the menu, and the pages behind it. */
export interface Page {
  to: string
  name: string
  icon: string
  /** Ways to look at the same, in the order of use; the first is the page itself. */
  ways?: { to: string; name: string }[]
  /** Pages that are reached from it: hours, and where it is put on paper. */
  deeper?: string[]
}

/** The menu: what is asked each day first. */
export const pages: Page[] = [
  { to: '/today', name: 'Today', icon: mdiWeatherSunsetUp },
  {
    to: '/season',
    name: 'Season',
    icon: mdiCalendarRange,
    ways: [
      { to: '/season', name: 'All fields' },
      { to: '/endings', name: 'Endings' },
      { to: '/years', name: 'Years' },
      { to: '/fields', name: 'As a list' },
    ],
    deeper: ['/hours'],
  },
  { to: '/work', name: 'Work', icon: mdiTractor, deeper: ['/sheets', '/sheet'] },
  {
    to: '/seed',
    name: 'Stores',
    icon: mdiSeedOutline,
    ways: [
      { to: '/seed', name: 'Seed' },
      { to: '/shed', name: 'Shed' },
    ],
  },
  { to: '/map', name: 'Map', icon: mdiMapOutline },
]

/** What is seldom needed, behind the last word. */
export const more: Page[] = [
  { to: '/weather', name: 'Weather', icon: mdiWeatherPartlyRainy },
  { to: '/rules', name: 'Rules', icon: mdiScaleBalance },
  { to: '/trials', name: 'Strips', icon: mdiViewWeekOutline },
  { to: '/worth', name: 'Does it pay', icon: mdiCashCheck },
  { to: '/learnt', name: 'Your record', icon: mdiChartScatterPlot },
  { to: '/take-away', name: 'Take away', icon: mdiTrayArrowDown },
  { to: '/account', name: 'Account', icon: mdiAccountOutline },
]

const under = (path: string, to: string) => path === to || path.startsWith(to + '/')

/** Whether a path lies behind a word of the menu. */
export const isOn = (page: Page, path: string) =>
  (page.ways ?? [page]).some((way) => under(path, way.to)) ||
  !!page.deeper?.some((to) => under(path, to))

/** The ways to look at what a path shows; none on pages of one thing. */
export const waysOf = (path: string) =>
  pages.find((p) => p.ways?.some((way) => way.to === path))?.ways ?? []
