import { createRouter, createWebHistory } from 'vue-router'
import { followRoutes } from './shared/pageKey'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'builds', component: () => import('@/features/builds/BuildsPage.vue') },
    { path: '/builds/new', name: 'new', component: () => import('@/features/mixing/SheetPage.vue') },
    {
      path: '/builds/:id',
      name: 'build',
      component: () => import('@/features/mixing/SheetPage.vue'),
      props: true,
    },
    {
      path: '/builds/:id/standards/:number(\\d+)',
      name: 'standard',
      component: () => import('@/features/versions/StandardPage.vue'),
      props: true,
    },
    {
      path: '/builds/:id/cards',
      name: 'cards',
      component: () => import('@/features/making/cards/CardsPage.vue'),
      props: true,
    },
    { path: '/read', name: 'read', component: () => import('@/features/recipes/ReadPage.vue') },
    { path: '/files', name: 'files', component: () => import('@/features/files/FilesPage.vue') },
    {
      path: '/booklet',
      name: 'booklet',
      component: () => import('@/features/making/cards/BookletPage.vue'),
    },
    {
      path: '/service',
      name: 'service',
      component: () => import('@/features/making/service/ServicePage.vue'),
      meta: { isAtTheBar: true },
    },
    {
      path: '/service/order',
      name: 'order',
      component: () => import('@/features/making/service/OrderPage.vue'),
      meta: { isAtTheBar: true },
    },
    {
      path: '/service/:build',
      name: 'drink',
      component: () => import('@/features/making/service/DrinkPage.vue'),
      props: true,
      meta: { isAtTheBar: true },
    },
    {
      path: '/service/:build/:size',
      name: 'steps',
      component: () => import('@/features/making/service/StepsPage.vue'),
      props: true,
      meta: { isAtTheBar: true },
    },
    {
      path: '/make/:build/:size',
      name: 'make',
      component: () => import('@/features/making/along/AlongPage.vue'),
      props: true,
      meta: { isAtTheBar: true },
    },
    {
      path: '/poured',
      name: 'poured',
      component: () => import('@/features/making/poured/PouredPage.vue'),
    },
    {
      path: '/tastings',
      name: 'tastings',
      component: () => import('@/features/tastings/TastingsPage.vue'),
    },
    {
      path: '/tastings/:id',
      name: 'tasting',
      component: () => import('@/features/tastings/TastingPage.vue'),
      props: true,
    },
    {
      path: '/tastings/:id/tray',
      name: 'tray',
      component: () => import('@/features/tastings/TrayPage.vue'),
      props: true,
    },
    {
      path: '/taste/:id',
      name: 'taste',
      component: () => import('@/features/making/taste/TastePage.vue'),
      props: true,
      meta: { isAtTheBar: true },
    },
    {
      path: '/compare',
      name: 'compare',
      component: () => import('@/features/versions/ComparePage.vue'),
    },
    {
      path: '/prep',
      name: 'prep',
      component: () => import('@/features/prep/PlanPage.vue'),
    },
    {
      path: '/prep/day',
      name: 'prep-day',
      component: () => import('@/features/prep/DayPage.vue'),
    },
    {
      path: '/prep/batches/:batch',
      name: 'prep-batch',
      component: () => import('@/features/prep/BatchPage.vue'),
      props: true,
    },
    {
      path: '/prep/expected',
      name: 'prep-expected',
      component: () => import('@/features/prep/ExpectedPage.vue'),
    },
    {
      path: '/prep/stock',
      name: 'prep-stock',
      component: () => import('@/features/prep/StockPage.vue'),
    },
    {
      path: '/prep/lots/:lot',
      name: 'prep-lot',
      component: () => import('@/features/prep/LotPage.vue'),
      props: true,
    },
    {
      path: '/prep/labels',
      name: 'prep-labels',
      component: () => import('@/features/prep/LabelsPage.vue'),
    },
    {
      path: '/prep/order',
      name: 'prep-order',
      component: () => import('@/features/prep/OrderPage.vue'),
    },
    {
      path: '/prep/settings',
      name: 'prep-settings',
      component: () => import('@/features/prep/SettingsPage.vue'),
    },
    { path: '/setup', name: 'setup', component: () => import('@/features/starting/SetupPage.vue') },
    { path: '/bar', name: 'bar', component: () => import('@/features/bar/BarPage.vue') },
    {
      path: '/bar/cups/:id/card',
      name: 'card',
      component: () => import('@/features/bar/CardPage.vue'),
      props: true,
    },
    {
      path: '/bar/:area/:id?',
      name: 'area',
      component: () => import('@/features/bar/AreaPage.vue'),
      props: true,
    },
    { path: '/:rest(.*)', name: 'nowhere', component: () => import('@/shared/NowherePage.vue') },
  ],
})

followRoutes(router)

// What stands at the bar goes on without the server once it has been opened.
let isInstalled = false
router.afterEach((to) => {
  if (to.meta.isAtTheBar && !isInstalled) {
    isInstalled = true
    void import('virtual:pwa-register').then(({ registerSW }) => registerSW())
  }
})
