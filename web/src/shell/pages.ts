import {
  mdiAccountOutline,
  mdiCalendarRange,
  mdiClockOutline,
  mdiDoorOpen,
  mdiFormatListBulleted,
  mdiMapOutline,
  mdiScaleBalance,
  mdiScissorsCutting,
  mdiSeedOutline,
  mdiTimelineOutline,
  mdiTractor,
  mdiTrayArrowDown,
  mdiWarehouse,
  mdiWeatherPartlyRainy,
} from '@mdi/js'

/** The pages, what is looked at each day first. */
export const pages = [
  { to: '/season', name: 'Season', icon: mdiCalendarRange },
  { to: '/work', name: 'Work', icon: mdiTractor },
  { to: '/open', name: 'Open now', icon: mdiDoorOpen },
  { to: '/endings', name: 'Endings', icon: mdiScissorsCutting },
  { to: '/hours', name: 'Hours', icon: mdiClockOutline },
  { to: '/fields', name: 'Fields', icon: mdiFormatListBulleted },
  { to: '/years', name: 'Years', icon: mdiTimelineOutline },
  { to: '/seed', name: 'Seed', icon: mdiSeedOutline },
  { to: '/shed', name: 'Shed', icon: mdiWarehouse },
  { to: '/map', name: 'Map', icon: mdiMapOutline },
  { to: '/weather', name: 'Weather', icon: mdiWeatherPartlyRainy },
  { to: '/rules', name: 'Rules', icon: mdiScaleBalance },
  { to: '/take-away', name: 'Take away', icon: mdiTrayArrowDown },
  { to: '/account', name: 'Account', icon: mdiAccountOutline },
]
/** What is looked at each day stands in the bar; the rest is a tap further. */
export const IN_BAR = 9
