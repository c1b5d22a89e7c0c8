import type { Channel, LookPart } from '../casefile/words';
import type { ReadingContext } from './report';

/**
 * What an earlier stage's last look at a part found, where no repair has touched the part since.
 * @param part which. @param channel its corner, null beside the channels. @param context the stage that is being read, or planned in.
 * @returns the finding; null where nobody looked, or a repair has changed what there was to see.
 * @example lookedBefore('plug', 'front-right', STAGE) // => null
 */
export function lookedBefore(
  part: LookPart,
  channel: Channel | null,
  context: Pick<ReadingContext, 'seenEarlier'>,
): string | null {
  const corners = context.seenEarlier.get(part);
  return corners?.get(channel) ?? corners?.get(null) ?? null;
}
