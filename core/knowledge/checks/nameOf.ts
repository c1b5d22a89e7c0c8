import type { Observation } from '../../casefile/contract';

/**
 * Name of the check that an observation answers.
 * @param observation what was seen. @returns a name of the contract, such as `look:ring`; how it was made (flexed, spun) is not in it.
 * @example checkNameOf(CASE.observations[2]) // => "meter:sensor:resistance"
 */
export function checkNameOf(observation: Observation): string {
  switch (observation.kind) {
    case 'meter':
      return `meter:${observation.point}:${observation.quantity}`;
    case 'look':
      return `look:${observation.part}`;
    case 'distance':
      return `distance:${observation.point}`;
    case 'live':
      return `live:${observation.while}`;
    case 'history':
      return 'ask:history';
    case 'no-code':
    case 'no-answer':
      return 'code';
    default:
      return observation.kind;
  }
}
