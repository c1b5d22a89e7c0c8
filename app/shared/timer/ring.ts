/** Notes of the bell: Hz, and seconds from the start. */
const NOTES = [
  [880, 0],
  [1175, 0.25],
  [880, 0.7],
  [1175, 0.95],
] as const;
const LASTING = 0.2;
const LOUDNESS = 0.4;
const SHAKES_MS = [300, 150, 300];

/** Rings and shakes once. Browsers let a page sound only after it has been touched; where not, the words on the screen remain. */
export function ring(): void {
  if ('vibrate' in navigator) navigator.vibrate(SHAKES_MS);
  if (!('AudioContext' in window)) return;
  const sound = new AudioContext();
  const volume = sound.createGain();
  volume.gain.value = LOUDNESS;
  volume.connect(sound.destination);
  for (const [frequency, from] of NOTES) {
    const note = sound.createOscillator();
    note.frequency.value = frequency;
    note.connect(volume);
    note.start(sound.currentTime + from);
    note.stop(sound.currentTime + from + LASTING);
  }
  setTimeout(() => void sound.close(), 2000);
}
