import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/season' },
    { path: '/sign-in', component: () => import('./views/SignIn.vue') },
    { path: '/first-run', component: () => import('./views/FirstRun.vue') },
    { path: '/season', component: () => import('./views/SeasonPage.vue') },
    { path: '/fields', component: () => import('./views/FieldsPage.vue') },
    { path: '/fields/import', component: () => import('./views/ImportFields.vue') },
    { path: '/fields/new', component: () => import('./views/EditField.vue') },
    { path: '/fields/:id', component: () => import('./views/FieldPage.vue') },
    { path: '/fields/:id/edit', component: () => import('./views/EditField.vue') },
    { path: '/map', component: () => import('./views/MapPage.vue') },
    { path: '/weather', component: () => import('./views/WeatherPage.vue') },
    { path: '/take-away', component: () => import('./views/TakeAway.vue') },
    { path: '/sheet', component: () => import('./views/CrewSheet.vue') },
    { path: '/account', component: () => import('./views/AccountPage.vue') },
    { path: '/:rest(.*)*', redirect: '/season' },
  ],
})
