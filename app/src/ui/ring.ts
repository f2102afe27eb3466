const TONE_HZ = 880;
const TONE_S = 0.4;

/** Rings and shakes once, where the device can; nothing hangs on it. */
export function ring(): void {
  navigator.vibrate?.(400);
  if (typeof AudioContext === 'undefined') return;
  const audio = new AudioContext();
  const tone = audio.createOscillator();
  const volume = audio.createGain();
  volume.gain.value = 0.2;
  tone.frequency.value = TONE_HZ;
  tone.connect(volume).connect(audio.destination);
  tone.onended = () => void audio.close();
  tone.start();
  tone.stop(audio.currentTime + TONE_S);
}
