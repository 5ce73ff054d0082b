/** Which furniture tips over when somebody climbs it or opens its drawers. */
/** Above this height (mm) and steeper than this height to depth, furniture is to be anchored where children are. */
export const TIPPING = { height: 600, ratio: 1.5 };
