import { createRouter, createWebHistory } from 'vue-router';
import { STEPS } from '@stube/core/makeover/progress';

const SCREENS = {
  pile: () => import('./features/pile/PileScreen.vue'),
  group: () => import('./features/grouping/GroupScreen.vue'),
  measure: () => import('./features/measuring/MeasureScreen.vue'),
  contain: () => import('./features/containers/ContainScreen.vue'),
  place: () => import('./features/placement/PlaceScreen.vue'),
  label: () => import('./features/labels/LabelScreen.vue'),
  live: () => import('./features/live/LiveScreen.vue'),
};

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'sites', component: () => import('./features/sites/SitesScreen.vue') },
    { path: '/laser', name: 'laser', component: () => import('./features/measuring/LaserScreen.vue') },
    { path: '/scanner', name: 'scanner', component: () => import('./features/scanning/ScannerScreen.vue') },
    { path: '/printer', name: 'printer', component: () => import('./features/labels/PrinterScreen.vue') },
    {
      path: '/s/:site',
      component: () => import('./frame/SiteFrame.vue'),
      children: [
        { path: '', name: 'site', component: () => import('./features/sites/SiteScreen.vue') },
        { path: 'today', name: 'today', component: () => import('./features/today/TodayScreen.vue') },
        { path: 'stock', name: 'stock', component: () => import('./features/containers/StockScreen.vue') },
        { path: 'put-back', name: 'put-back', component: () => import('./features/putting-back/PutBackScreen.vue') },
        { path: 'routines', name: 'routines', component: () => import('./features/routines/RoutinesScreen.vue') },
        { path: 'strays', name: 'strays', component: () => import('./features/strays/StraysScreen.vue') },
        { path: 'restock', name: 'restock', component: () => import('./features/restock/RestockScreen.vue') },
        { path: 'scan', name: 'scan', component: () => import('./features/scanning/ScanScreen.vue') },
        { path: 'numbers', name: 'numbers', component: () => import('./features/numbers/NumbersScreen.vue') },
        { path: 'b/:code', name: 'bin', component: () => import('./features/bins/BinScreen.vue') },
        { path: 'tidy/:room', name: 'tidy', component: () => import('./features/tidying/TidyScreen.vue') },
        { path: 'learn/:room', name: 'learn', component: () => import('./features/learning/LearnScreen.vue') },
        {
          path: 'r/:room',
          component: () => import('./frame/RoomFrame.vue'),
          children: [
            { path: '', redirect: (to) => ({ name: 'pile', params: to.params }) },
            { path: 'signs', name: 'signs', component: () => import('./features/health/SignsScreen.vue') },
            { path: 'guide', name: 'guide', component: () => import('./features/guide/GuideScreen.vue') },
            { path: 'rotation', name: 'rotation', component: () => import('./features/rotation/RotationScreen.vue') },
            { path: 'swap', name: 'swap', component: () => import('./features/rotation/SwapScreen.vue') },
            { path: 'moves', name: 'moves', component: () => import('./features/moves/MovesScreen.vue') },
            ...STEPS.map((step) => ({ path: step, name: step, component: SCREENS[step] })),
          ],
        },
      ],
    },
    { path: '/:rest(.*)*', name: 'lost', component: () => import('./features/sites/LostScreen.vue') },
  ],
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
});
