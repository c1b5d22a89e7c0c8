import type { Reminder } from '../../../core/report/reminders';

/** A reminder with the vehicle it belongs to. */
export interface CalendarEntry {
  readonly reminder: Reminder;
  readonly vehicle: string;
}

type Day = [year: number, month: number, day: number];
const dayOf = (due: string, later = 0): Day => {
  const date = new Date(`${due}T00:00:00Z`);
  date.setUTCDate(date.getUTCDate() + later);
  return [date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate()];
};

/**
 * Reminders as a calendar (RFC 5545): whole days, the same id for the same thing, so that a calendar that has it already updates it.
 * @param entries reminders that are open. @param product how the calendar names its maker. @throws when a day is no date.
 */
export async function calendarOf(entries: readonly CalendarEntry[], product: string): Promise<string> {
  const { createEvents } = await import('ics');
  const { error, value } = createEvents(
    entries.map(({ reminder, vehicle }) => ({
      uid: `${reminder.id}@zelf`,
      productId: product,
      title: `${vehicle}: ${reminder.words}`,
      description: reminder.why,
      start: dayOf(reminder.due),
      end: dayOf(reminder.due, 1),
      busyStatus: 'FREE' as const,
      transp: 'TRANSPARENT' as const,
    })),
  );
  if (error) throw error;
  return value ?? '';
}
