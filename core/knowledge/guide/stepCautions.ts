/** What may hurt, where it matters. Each is said once per exposure. */
export const STEP_CAUTIONS: ReadonlyMap<string, string> = new Map([
  ['chock', 'Chock first. Rear work needs the parking brake off; an electric one has a service mode in the manual.'],
  ['stands', 'Never under a car on a jack alone. Stated jacking points, hard ground, a stand, then a push to test it.'],
  ['ignition', 'Ignition off, key away, before any plug is opened.'],
  [
    'high-voltage',
    'High-voltage car: switch it off, keep its key out of reach, make the 12 V side dead as its manual says. Never touch orange parts; what lies behind them is for a professional.',
  ],
  ['eyes', 'Eye protection: rust, springs and clips fly.'],
  ['hose', 'The caliper never hangs by its hose. Wire it to the spring.'],
  ['pull-body', 'Pull the plug by its body, never by the wires.'],
  [
    'not-the-plastic',
    'Grip the metal ear, not the plastic. If it snaps you start drilling: is the new part already here?',
  ],
  [
    'heat',
    'Heat the housing, not the sensor: hot air, no flame; wipe penetrant off first; never near hose, boot, fluid, bearing seal; never on chlorinated cleaner, it makes poison gas.',
  ],
  ['part-in-hand', 'From here on the old sensor is lost. Do not start without the new one in your hand.'],
  ['chips', 'Plug the bore. One chip on an encoder is a new fault: vacuum, turn the ring a full turn, look.'],
  ['dust', 'Do not blow brake dust about; wipe it damp.'],
  ['no-force', 'If it does not go in by hand and a turn, the bore is not clean yet. Force breaks it.'],
  ['grease', 'Never on the tip or encoder, nothing on disc and pads, no copper paste near a magnet encoder.'],
  ['pedal', 'Pump the pedal until it is firm before the car moves.'],
  [
    'module-feed',
    "The module's plug carries strong feeds: isolate the battery as the manual says, never bridge two pins.",
  ],
  ['acid', 'Gloves and eyes: vinegar and salt, then bicarbonate, then water. Never battery acid.'],
  ['flex', 'No joint where the lead flexes: replace the lead there.'],
]);
