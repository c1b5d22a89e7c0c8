import type { Channel, LookPart } from '../casefile/words';
import { ofKind, type Around } from './report';

/**
 * What an earlier stage's last look at a part found, where no repair has touched the part since.
 * @param part which. @param channel its corner, null beside the channels. @param context the stage that is being read, or planned in.
 * @returns the finding; null where nobody looked, or a repair has changed what there was to see.
 */
export function lookedBefore(
  part: LookPart,
  channel: Channel | null,
  context: Pick<Around, 'before' | 'touched'>,
): string | null {
  if (context.touched.includes(part)) return null;
  const looks = ofKind(context.before, 'look').filter(
    (look) => look.part === part && (channel === null || look.channel === channel),
  );
  return looks.at(-1)?.finding ?? null;
}
