/** How often something comes again: the choices, by the recurrence that is kept. */
export const OFTEN: Readonly<Record<string, string>> = {
  'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR': 'Monday to Friday',
  'FREQ=DAILY': 'every day',
  'FREQ=WEEKLY;BYDAY=MO': 'Mondays',
  'FREQ=WEEKLY;BYDAY=TU': 'Tuesdays',
  'FREQ=WEEKLY;BYDAY=WE': 'Wednesdays',
  'FREQ=WEEKLY;BYDAY=TH': 'Thursdays',
  'FREQ=WEEKLY;BYDAY=FR': 'Fridays',
  'FREQ=WEEKLY;BYDAY=SA': 'Saturdays',
  'FREQ=WEEKLY;BYDAY=SU': 'Sundays',
  'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO': 'every second Monday',
  'FREQ=MONTHLY;BYDAY=1MO': 'first Monday of the month',
  'FREQ=MONTHLY;BYDAY=-1FR': 'last Friday of the month',
  'FREQ=MONTHLY;INTERVAL=3;BYDAY=1SA': 'first Saturday of every third month',
  'FREQ=YEARLY': 'once a year',
};
