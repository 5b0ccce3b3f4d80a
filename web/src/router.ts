import { linkLooked } from './farm/now'
import { createRouter, createWebHistory } from 'vue-router'

const made = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/today' },
    { path: '/today', component: () => import('./pages/today/TodayPage.vue') },
    { path: '/sign-in', component: () => import('./pages/account/SignIn.vue') },
    { path: '/invite/:secret', component: () => import('./pages/account/InvitePage.vue') },
    { path: '/first-run', component: () => import('./pages/account/FirstRun.vue') },
    { path: '/season', component: () => import('./pages/season/SeasonPage.vue') },
    { path: '/fields', component: () => import('./pages/fields/FieldsPage.vue') },
    { path: '/fields/import', component: () => import('./pages/fields/ImportFields.vue') },
    { path: '/fields/new', component: () => import('./pages/fields/EditField.vue') },
    { path: '/fields/:id', component: () => import('./pages/field/FieldPage.vue') },
    { path: '/fields/:id/edit', component: () => import('./pages/fields/EditField.vue') },
    { path: '/fields/:id/job', component: () => import('./pages/job/JobPage.vue') },
    { path: '/fields/:id/walk', component: () => import('./pages/walk/WalkPage.vue') },
    { path: '/fields/:id/end', component: () => import('./pages/ending/EndPage.vue') },
    { path: '/catch-up', component: () => import('./pages/catch-up/CatchUpPage.vue') },
    { path: '/work', component: () => import('./pages/field-work/WorkPage.vue') },
    { path: '/endings', component: () => import('./pages/ending/EndingsPage.vue') },
    { path: '/hours', component: () => import('./pages/hours/HoursPage.vue') },
    { path: '/rules', component: () => import('./pages/ending/RulesPage.vue') },
    { path: '/open', component: () => import('./pages/open/OpenPage.vue') },
    { path: '/years', component: () => import('./pages/years/YearsPage.vue') },
    { path: '/seed', component: () => import('./pages/seed/SeedPage.vue') },
    { path: '/seed/mix', component: () => import('./pages/mix/MixPage.vue') },
    { path: '/seed/mix/:id', component: () => import('./pages/mix/MixPage.vue') },
    { path: '/shed', component: () => import('./pages/shed/ShedPage.vue') },
    { path: '/shed/:id', component: () => import('./pages/shed/MachinePage.vue') },
    { path: '/map', component: () => import('./pages/map/MapPage.vue') },
    { path: '/weather', component: () => import('./pages/weather/WeatherPage.vue') },
    { path: '/take-away', component: () => import('./pages/take-away/TakeAway.vue') },
    { path: '/sheet', component: () => import('./pages/field-work/CrewSheet.vue') },
    { path: '/account', component: () => import('./pages/account/AccountPage.vue') },
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

export const router = made
