import { defineStore } from 'pinia';
import { reactive, watch } from 'vue';
import type { SideSpeech } from '../../core/vehicle/sides';
import { usePorts } from './ports';

export interface Preferences {
  gloves: boolean;
  night: boolean;
  sides: SideSpeech;
}

/** How this person likes the sheet: kept in the browser, applied to the page. */
export const usePreferences = defineStore('preferences', () => {
  const { storage } = usePorts();
  const values = reactive<Preferences>({ gloves: false, night: false, sides: 'left-right' });

  async function open(): Promise<void> {
    const kept = await storage.preference('look');
    if (kept && typeof kept === 'object') Object.assign(values, kept);
    watch(
      values,
      (now) => {
        document.documentElement.classList.toggle('gloves', now.gloves);
        document.documentElement.classList.toggle('night', now.night);
        void storage.keepPreference('look', now);
      },
      { immediate: true, deep: true },
    );
  }

  return { values, open };
});
