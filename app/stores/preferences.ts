import { defineStore } from 'pinia';
import { usePreferredDark } from '@vueuse/core';
import { computed, reactive, watch, watchEffect } from 'vue';
import type { SideSpeech } from '../../core/vehicle/sides';
import { usePorts } from './ports';

export interface Preferences {
  gloves: boolean;
  /** Dark sheet: chosen, or null to follow the system. */
  night: boolean | null;
  sides: SideSpeech;
}

/** How this person likes the sheet: kept in the browser, applied to the page. */
export const usePreferences = defineStore('preferences', () => {
  const { storage } = usePorts();
  const values = reactive<Preferences>({ gloves: false, night: null, sides: 'left-right' });
  const isSystemDark = usePreferredDark();
  const isNight = computed(() => values.night ?? isSystemDark.value);

  async function open(): Promise<void> {
    const kept = await storage.preference('look');
    if (kept && typeof kept === 'object') Object.assign(values, kept);
    watchEffect(() => {
      document.documentElement.classList.toggle('gloves', values.gloves);
      document.documentElement.classList.toggle('night', isNight.value);
    });
    watch(values, (now) => void storage.keepPreference('look', now), { deep: true });
  }

  return { values, isNight, open };
});
