import { useSpeechSynthesis, useWakeLock } from '@vueuse/core';
import { onMounted, type Ref } from 'vue';
import { language } from '#words/language';

/** For hands that are dirty: the screen stays awake while a guide is open, and a step can be read aloud. */
export function useHandsFree(text: Ref<string>) {
  const lock = useWakeLock();
  const speech = useSpeechSynthesis(text, { lang: language });

  /* Some browsers give no lock while the battery is low: then the screen sleeps as it always did. */
  onMounted(() => void lock.request('screen').catch(() => undefined));

  function toggleAloud(): void {
    if (speech.isPlaying.value) speech.stop();
    else speech.speak();
  }
  return { canSpeak: speech.isSupported, isSpeaking: speech.isPlaying, toggleAloud, stopSpeaking: speech.stop };
}
