import { defineStore } from 'pinia';
import { usePreferredDark } from '@vueuse/core';
import { computed, reactive, watch, watchEffect } from 'vue';
import { fits } from '../../core/casefile/misfits';
import { OWN_UNITS, USUAL_UNITS, type OwnUnits } from '../../core/quantities/ownUnits';
import { SIDE_SPEECHES, type SideSpeech } from '../../core/vehicle/sides';
import { usePorts } from './ports';

export interface Preferences {
  gloves: boolean;
  /** Dark sheet: chosen, or null to follow the system. */
  night: boolean | null;
  sides: SideSpeech;
  distance: OwnUnits['distance'];
  torque: OwnUnits['torque'];
  temperature: OwnUnits['temperature'];
}

const PARTS = {
  gloves: { is: 'flag' },
  night: { is: 'either', of: [{ is: 'flag' }, { is: 'nothing' }] },
  sides: { is: 'word', of: SIDE_SPEECHES },
  distance: { is: 'word', of: OWN_UNITS.distance },
  torque: { is: 'word', of: OWN_UNITS.torque },
  temperature: { is: 'word', of: OWN_UNITS.temperature },
} as const;

/** Of what is stored, what is a preference; the rest stays as it comes. */
function soundParts(kept: unknown): Partial<Preferences> {
  if (typeof kept !== 'object' || kept === null) return {};
  return Object.fromEntries(
    Object.entries(PARTS)
      .map(([name, shape]) => [name, (kept as Readonly<Record<string, unknown>>)[name], shape] as const)
      .filter(([, value, shape]) => fits(shape, value))
      .map(([name, value]) => [name, value]),
  );
}

/** How this person likes the sheet: kept in the browser, applied to the page. */
export const usePreferences = defineStore('preferences', () => {
  const { storage } = usePorts();
  const values = reactive<Preferences>({ gloves: false, night: null, sides: 'left-right', ...USUAL_UNITS });
  const isSystemDark = usePreferredDark();
  const isNight = computed(() => values.night ?? isSystemDark.value);

  async function open(): Promise<void> {
    const kept = await storage.preference('look');
    Object.assign(values, soundParts(kept));
    watchEffect(() => {
      document.documentElement.classList.toggle('gloves', values.gloves);
      document.documentElement.classList.toggle('night', isNight.value);
    });
    watch(values, (now) => void storage.keepPreference('look', now), { deep: true });
  }

  return { values, isNight, open };
});
