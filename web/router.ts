import { createRouter, createWebHistory } from 'vue-router';
import { STEPS } from '@stube/core/makeover';

const SCREENS = {
  pile: () => import('./features/sorting/pile/PileScreen.vue'),
  group: () => import('./features/sorting/grouping/GroupScreen.vue'),
  measure: () => import('./features/measuring/measuring/MeasureScreen.vue'),
  contain: () => import('./features/containing/containers/ContainScreen.vue'),
  place: () => import('./features/placing/placement/PlaceScreen.vue'),
  label: () => import('./features/labelling/labels/LabelScreen.vue'),
  live: () => import('./features/living/in-use/InUseScreen.vue'),
};

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'sites', component: () => import('./features/house/sites/SitesScreen.vue') },
    { path: '/laser', name: 'laser', component: () => import('./features/measuring/measuring/LaserScreen.vue') },
    { path: '/scanner', name: 'scanner', component: () => import('./features/living/scanning/ScannerScreen.vue') },
    { path: '/printer', name: 'printer', component: () => import('./features/labelling/labels/PrinterScreen.vue') },
    {
      path: '/s/:site',
      component: () => import('./frame/SiteFrame.vue'),
      children: [
        { path: '', name: 'site', component: () => import('./features/house/sites/SiteScreen.vue') },
        { path: 'today', name: 'today', component: () => import('./features/living/today/TodayScreen.vue') },
        { path: 'stock', name: 'stock', component: () => import('./features/containing/containers/StockScreen.vue') },
        { path: 'put-back', name: 'put-back', component: () => import('./features/living/find/PutBackScreen.vue') },
        {
          path: 'routines',
          name: 'routines',
          component: () => import('./features/living/routines/RoutinesScreen.vue'),
        },
        { path: 'strays', name: 'strays', component: () => import('./features/living/strays/StraysScreen.vue') },
        { path: 'restock', name: 'restock', component: () => import('./features/living/restock/RestockScreen.vue') },
        { path: 'scan', name: 'scan', component: () => import('./features/living/scanning/ScanScreen.vue') },
        { path: 'numbers', name: 'numbers', component: () => import('./features/labelling/numbers/NumbersScreen.vue') },
        { path: 'b/:code', name: 'bin', component: () => import('./features/living/bins/BinScreen.vue') },
        { path: 'tidy/:room', name: 'tidy', component: () => import('./features/living/tidying/TidyScreen.vue') },
        { path: 'learn/:room', name: 'learn', component: () => import('./features/living/learning/LearnScreen.vue') },
        {
          path: 'r/:room',
          component: () => import('./frame/RoomFrame.vue'),
          children: [
            { path: '', redirect: (to) => ({ name: 'pile', params: to.params }) },
            { path: 'signs', name: 'signs', component: () => import('./features/living/feedback/SignsScreen.vue') },
            { path: 'guide', name: 'guide', component: () => import('./features/living/guide/GuideScreen.vue') },
            {
              path: 'rotation',
              name: 'rotation',
              component: () => import('./features/living/rotation/RotationScreen.vue'),
            },
            { path: 'swap', name: 'swap', component: () => import('./features/living/rotation/SwapScreen.vue') },
            { path: 'moves', name: 'moves', component: () => import('./features/placing/moves/MovesScreen.vue') },
            ...STEPS.map((step) => ({ path: step, name: step, component: SCREENS[step] })),
          ],
        },
      ],
    },
    { path: '/:rest(.*)*', name: 'lost', component: () => import('./features/house/sites/LostScreen.vue') },
  ],
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
});
