import { linkLooked } from './farm/now'
import { nameWindow } from './shell/arrival'
import { mayLeave } from './shell/unsaved'
import { createRouter, createWebHistory } from 'vue-router'

declare module 'vue-router' {
  interface RouteMeta {
    /** What the page is, for the window's name. */
    title?: string
  }
}

const made = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/today' },
    {
      path: '/today',
      meta: { title: 'Today' },
      component: () => import('./pages/today/TodayPage.vue'),
    },
    {
      path: '/sign-in',
      meta: { title: 'Sign in' },
      component: () => import('./pages/account/SignIn.vue'),
    },
    {
      path: '/invite/:secret',
      meta: { title: 'Invitation' },
      component: () => import('./pages/account/InvitePage.vue'),
    },
    {
      path: '/new-password/:secret',
      meta: { title: 'New password' },
      component: () => import('./pages/account/NewPassword.vue'),
    },
    {
      path: '/first-run',
      meta: { title: 'First run' },
      component: () => import('./pages/account/FirstRun.vue'),
    },
    {
      path: '/trials',
      meta: { title: 'Strips' },
      component: () => import('./pages/trials/TrialsPage.vue'),
    },
    {
      path: '/worth',
      meta: { title: 'Does it pay' },
      component: () => import('./pages/worth/WorthPage.vue'),
    },
    {
      path: '/learnt',
      meta: { title: 'Your record' },
      component: () => import('./pages/learnt/LearntPage.vue'),
    },
    {
      path: '/season',
      meta: { title: 'Season' },
      component: () => import('./pages/season/SeasonPage.vue'),
    },
    {
      path: '/fields',
      meta: { title: 'Fields' },
      component: () => import('./pages/fields/FieldsPage.vue'),
    },
    {
      path: '/fields/import',
      meta: { title: 'Import boundaries' },
      component: () => import('./pages/fields/ImportFields.vue'),
    },
    {
      path: '/fields/new',
      meta: { title: 'Add a field' },
      component: () => import('./pages/fields/EditField.vue'),
    },
    {
      path: '/fields/:id',
      meta: { title: 'Field' },
      component: () => import('./pages/field/FieldPage.vue'),
    },
    {
      path: '/fields/:id/edit',
      meta: { title: 'Edit the field' },
      component: () => import('./pages/fields/EditField.vue'),
    },
    {
      path: '/fields/:id/job',
      meta: { title: 'Seeding job' },
      component: () => import('./pages/job/JobPage.vue'),
    },
    {
      path: '/fields/:id/walk',
      meta: { title: 'Count' },
      component: () => import('./pages/walk/WalkPage.vue'),
    },
    {
      path: '/fields/:id/end',
      meta: { title: 'Ending' },
      component: () => import('./pages/ending/EndPage.vue'),
    },
    {
      path: '/catch-up',
      meta: { title: 'Catch up' },
      component: () => import('./pages/catch-up/CatchUpPage.vue'),
    },
    {
      path: '/work',
      meta: { title: 'Work' },
      component: () => import('./pages/field-work/WorkPage.vue'),
    },
    {
      path: '/sheets',
      meta: { title: 'Sheets for the cab' },
      component: () => import('./pages/field-work/SheetsPage.vue'),
    },
    {
      path: '/endings',
      meta: { title: 'Endings' },
      component: () => import('./pages/ending/EndingsPage.vue'),
    },
    {
      path: '/hours',
      meta: { title: 'Hours' },
      component: () => import('./pages/hours/HoursPage.vue'),
    },
    {
      path: '/rules',
      meta: { title: 'Rules' },
      component: () => import('./pages/ending/RulesPage.vue'),
    },
    {
      path: '/open',
      redirect: { path: '/season', query: { look: 'seeding' } },
    },
    {
      path: '/years',
      meta: { title: 'Years' },
      component: () => import('./pages/years/YearsPage.vue'),
    },
    {
      path: '/seed',
      meta: { title: 'Seed' },
      component: () => import('./pages/seed/SeedPage.vue'),
    },
    {
      path: '/seed/mix',
      meta: { title: 'New mix' },
      component: () => import('./pages/mix/MixPage.vue'),
    },
    {
      path: '/seed/mix/:id',
      meta: { title: 'Mix' },
      component: () => import('./pages/mix/MixPage.vue'),
    },
    {
      path: '/shed',
      meta: { title: 'Shed' },
      component: () => import('./pages/shed/ShedPage.vue'),
    },
    {
      path: '/shed/:id',
      meta: { title: 'Machine' },
      component: () => import('./pages/shed/MachinePage.vue'),
    },
    { path: '/map', meta: { title: 'Map' }, component: () => import('./pages/map/MapPage.vue') },
    {
      path: '/weather',
      meta: { title: 'Weather' },
      component: () => import('./pages/weather/WeatherPage.vue'),
    },
    {
      path: '/take-away',
      meta: { title: 'Take away' },
      component: () => import('./pages/take-away/TakeAway.vue'),
    },
    {
      path: '/sheet',
      meta: { title: 'Crew sheet' },
      component: () => import('./pages/field-work/CrewSheet.vue'),
    },
    {
      path: '/account',
      meta: { title: 'Account' },
      component: () => import('./pages/account/AccountPage.vue'),
    },
    { path: '/:rest(.*)*', redirect: '/today' },
  ],
})

/*
 * Which cover of a field is looked at stands in the address, and stays while one goes about the
 * field's own pages: its job, its counts, its ending.
 */
made.beforeEach((to, from) => {
  const named = typeof to.query.link === 'string' ? to.query.link : null
  const same = to.params.id !== undefined && to.params.id === from.params.id
  if (named !== null || !same || to.path === from.path) linkLooked.value = named
})

// What is typed and not kept is not dropped without asking.
made.beforeEach((to, from) => to.path === from.path || mayLeave())

// Each page says what it is, in the window's name and to those who hear it.
made.afterEach((to) => nameWindow(to.meta.title ?? ''))

export const router = made
