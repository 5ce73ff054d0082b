import { createRouter, createWebHistory } from 'vue-router';
import { STEPS } from '@stube/core/site/progress';

const SCREENS = {
  pile: () => import('./screens/pile/PileScreen.vue'),
  group: () => import('./screens/group/GroupScreen.vue'),
  measure: () => import('./screens/measure/MeasureScreen.vue'),
  contain: () => import('./screens/contain/ContainScreen.vue'),
  place: () => import('./screens/place/PlaceScreen.vue'),
  label: () => import('./screens/label/LabelScreen.vue'),
  live: () => import('./screens/live/LiveScreen.vue'),
};

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'sites', component: () => import('./screens/sites/SitesScreen.vue') },
    {
      path: '/s/:site',
      component: () => import('./frame/SiteFrame.vue'),
      children: [
        { path: '', name: 'site', component: () => import('./screens/site/SiteScreen.vue') },
        { path: 'stock', name: 'stock', component: () => import('./screens/stock/StockScreen.vue') },
        { path: 'b/:code', name: 'bin', component: () => import('./screens/bin/BinScreen.vue') },
        {
          path: 'r/:room',
          component: () => import('./frame/RoomFrame.vue'),
          children: [
            { path: '', redirect: (to) => ({ name: 'pile', params: to.params }) },
            ...STEPS.map((step) => ({ path: step, name: step, component: SCREENS[step] })),
          ],
        },
      ],
    },
    { path: '/:rest(.*)*', name: 'lost', component: () => import('./screens/sites/LostScreen.vue') },
  ],
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
});
