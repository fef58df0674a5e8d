/** Hz of its two notes. */
const NOTES = [880, 660];

/** s that each of them sounds. */
const LONG = 0.35;

/** Sounds twice, softly. Where the browser lets no page sound that nobody has touched, nothing is heard. */
export function ring(): void {
  if (!('AudioContext' in window)) return;
  const sound = new AudioContext();
  NOTES.forEach((note, i) => {
    const at = sound.currentTime + i * LONG;
    const [tone, loudness] = [sound.createOscillator(), sound.createGain()];
    tone.frequency.value = note;
    loudness.gain.setValueAtTime(0.25, at);
    loudness.gain.exponentialRampToValueAtTime(0.001, at + LONG);
    tone.connect(loudness).connect(sound.destination);
    tone.start(at);
    tone.stop(at + LONG);
  });
  window.setTimeout(() => void sound.close(), NOTES.length * LONG * 1000 + 500);
}
