/** What is public of this feature. */
export { ordersOf } from './budget.ts';
export { nextSlots } from './day-slots.ts';
export { type ForecastData, forecastOf, isOpenDay } from './forecast.ts';
export { type Forecasted, forecastsOf } from './forecast-of-site.ts';
export { type SuggestedPar, suggestedPar } from './usual-pars.ts';
export { inUnitsOf, packsOf, usedUp } from './words.ts';
