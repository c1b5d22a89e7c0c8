<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue';
import { RouterLink, useRoute, useRouter } from 'vue-router';
import type { Vehicle } from '../../../core/casefile/contract';
import { PLUG_PLACES, SENSOR_PLACES, TORQUE_POINTS, type Channel } from '../../../core/casefile/words';
import { axleOf } from '../../../core/vehicle/channels';
import { sayChannel } from '../../../core/vehicle/sides';
import type { VehicleRecord } from '../../storage/garageStorage';
import { useGarage } from '../../stores/garage';
import { usePreferences } from '../../stores/preferences';
import { useShortcuts } from '../../shared/shortcuts/useShortcuts';
import OwnerCosts from './OwnerCosts.vue';
import SheetTopic from './SheetTopic.vue';
import { emptyForm, formOf, untouched, vehicleOf, type VehicleForm } from '../../../core/vehicle/sheetForm';

/** The spec sheet: what the owner's manual says. All of it may stay empty. */
const garage = useGarage();
const route = useRoute();
const router = useRouter();
const { values } = usePreferences();
const id = computed(() => String(route.params['vehicle']));
const record = computed(() => garage.vehicles.find((one) => one.id === id.value) ?? null);
const form = reactive<VehicleForm>(emptyForm());
const problems = ref<Readonly<Record<string, string>>>({});
const isKept = ref(false);

/** The sheet as it stands behind the form. */
let shown: Vehicle | null = null;
/** Whose it is: the address may have moved on when the last words are kept. */
let shownId = '';

/** The newest state that this form has seen, and its own changes that are still being stored. */
let [revision, pending] = [-1, 0];

/** What another tab, a job or an undo has changed comes into the form, except where something else is being typed; what is older than the form's own words does not. */
function take(now: VehicleRecord): void {
  const isOther = now.id !== shownId;
  if (!isOther && (pending > 0 || (now.revision ?? 0) <= revision)) return;
  const [fresh, old] = [formOf(now.vehicle), shown && formOf(shown)];
  Object.assign(form, !old || isOther ? fresh : untouched(form, old, fresh));
  shown = now.vehicle;
  shownId = now.id;
  revision = now.revision ?? 0;
}
watch(record, (now) => now && take(now), { immediate: true });

/** Every change is kept at once when it is right; what is wrong stays on the screen with its reason. */
async function keep(): Promise<void> {
  if (!shown) return;
  const before = shown;
  const made = vehicleOf(form, before);
  problems.value = Object.fromEntries(made.problems.map((one) => [one.path, one.message]));
  if (JSON.stringify(made.vehicle) === JSON.stringify(before)) return;
  shown = made.vehicle;
  isKept.value = false;
  pending += 1;
  const stored = await garage.changeVehicle(shownId, before, made.vehicle).finally(() => (pending -= 1));
  take(stored);
  isKept.value = made.problems.length === 0;
}

watch(form, () => void keep());
useShortcuts({
  'ctrl+z': () => void garage.undoSheet(id.value),
  'ctrl+shift+z': () => void garage.redoSheet(id.value),
});

async function start(): Promise<void> {
  await router.push({ name: 'dash', params: { job: await garage.startJob(id.value) } });
}

const say = (channel: Channel): string => sayChannel(channel, values.sides, form.steeringSide || undefined);
const SENSOR_WORDS: Readonly<Record<string, string>> = {
  knuckle: 'in the knuckle',
  'behind-disc': 'behind the disc',
  'one-piece-hub': 'inside a one-piece hub',
  differential: 'on the differential',
  'in-bearing': 'built into the bearing',
};
const PLUG_WORDS: Readonly<Record<string, string>> = {
  bonnet: 'under the bonnet',
  'arch-liner': 'behind the arch liner',
  trim: 'under a trim',
  sill: 'at the sill',
  seat: 'under a seat',
  underbody: 'under the body',
};
const LAYOUT_WORDS = [
  ['four', 'four: one a wheel'],
  ['three', 'three: one for the rear axle'],
  ['two', 'two: front wheels only'],
] as const;

/** Front and rear may carry different kinds; an axle has one. */
function setKind(channel: Channel, kind: string): void {
  const vehicle = record.value?.vehicle;
  if (!vehicle) return;
  const axle = axleOf(channel, vehicle.channels);
  const before = Object.entries(vehicle.sensorTypes ?? {});
  const others = Object.fromEntries(before.filter(([one]) => !axle.includes(one as Channel)));
  const made = kind === '' ? others : { ...others, ...Object.fromEntries(axle.map((one) => [one, kind])) };
  void garage.changeVehicle(id.value, vehicle, { ...vehicle, sensorTypes: made });
}
const TORQUE_WORDS: Readonly<Record<string, string>> = {
  'sensor-bolt': 'Sensor bolt',
  'caliper-bracket': 'Caliper bracket',
  'caliper-pin': 'Caliper pin',
  'hub-nut': 'Hub nut',
  'wheel-nut': 'Wheel nut',
  'brake-line-bracket': 'Brake line bracket',
};
</script>

<template>
  <div class="sheet">
    <header class="head">
      <RouterLink class="tap quiet" :to="{ name: 'garage' }">Garage</RouterLink>
      <h1>{{ form.name || 'New vehicle' }}: spec sheet</h1>
      <span v-if="isKept" class="muted" role="status">kept</span>
    </header>
    <main v-if="record" class="body">
      <section class="first">
        <label>You call it<el-input v-model="form.name" maxlength="60" data-test="vehicle-name" /></label>
        <div class="choice" role="group" aria-label="Steering wheel">
          <span>Steering wheel</span>
          <div class="chips">
            <button
              v-for="one in ['left', 'right'] as const"
              :key="one"
              type="button"
              class="tap"
              :aria-pressed="form.steeringSide === one"
              :data-test="`steering-${one}`"
              @click="form.steeringSide = one"
            >
              {{ one }}
            </button>
          </div>
        </div>
        <div class="choice" role="group" aria-label="Sensors">
          <span>Wheel speed sensors</span>
          <div class="chips">
            <button
              v-for="[layout, words] in LAYOUT_WORDS"
              :key="layout"
              type="button"
              class="tap"
              :aria-pressed="form.layout === layout"
              :data-test="`layout-${layout}`"
              @click="form.layout = layout"
            >
              {{ words }}
            </button>
          </div>
          <p class="muted">
            Not sure? Nearly every car has four. Look under the rear: one sensor on the axle means three.
          </p>
        </div>
        <p class="start">
          <button class="tap strong" type="button" data-test="start-job" @click="start">A lamp is on: new job</button>
          <span class="muted">That is enough to begin. Zelf asks for everything else when a check needs it.</span>
        </p>
      </section>
      <SheetTopic
        title="Sensors and car"
        where="Passive or active: the manual, or a check asks you. Odometer: on the dash."
      >
        <div class="fields">
          <label
            >Kind of sensors<el-select v-model="form.sensorType" placeholder="not known"
              ><el-option value="" label="not known" /><el-option value="passive" label="passive (a coil)" /><el-option
                value="active"
                label="active (fed)" /><el-option
                v-if="form.sensorType === 'mixed'"
                value="mixed"
                label="mixed, as in the file" /></el-select
          ></label>
          <div class="cell">
            <label>Odometer, km<el-input v-model="form.odometer" inputmode="numeric" /></label
            ><span v-if="problems['odometer']" class="bad">{{ problems['odometer'] }}</span>
          </div>
          <label class="switch"
            ><el-switch v-model="form.highVoltage" /> High-voltage vehicle (hybrid or electric)</label
          >
        </div>
        <p class="muted">By wheel, where front and rear differ:</p>
        <div class="fields">
          <label v-for="channel in record.vehicle.channels" :key="channel"
            >{{ say(channel)
            }}<el-select
              :model-value="record.vehicle.sensorTypes?.[channel] ?? ''"
              placeholder="not known"
              @change="(kind: string) => setKind(channel, kind)"
              ><el-option value="" label="not known" /><el-option value="passive" label="passive" /><el-option
                value="active"
                label="active" /></el-select
          ></label>
        </div>
      </SheetTopic>
      <SheetTopic
        title="Figures to measure against"
        where="Wiring or brake section of the workshop manual; the tyre's size is on its wall. Where you leave a field empty, Zelf uses a typical figure and says so."
      >
        <div class="fields">
          <div class="cell">
            <label>Sensor resistance, from<el-input v-model="form.coilMin" placeholder="1.0 kΩ" /></label
            ><span v-if="problems['coilMin']" class="bad">{{ problems['coilMin'] }}</span>
          </div>
          <div class="cell">
            <label>to<el-input v-model="form.coilMax" placeholder="1.4 kΩ" /></label
            ><span v-if="problems['coilMax']" class="bad">{{ problems['coilMax'] }}</span>
          </div>
          <label>at, °C<el-input v-model="form.coilAt" placeholder="20" inputmode="decimal" /></label>
          <div class="cell">
            <label>Tyre, as on its wall<el-input v-model="form.tyre" placeholder="195/65R15" data-test="tyre" /></label
            ><span v-if="problems['tyre']" class="bad">{{ problems['tyre'] }}</span>
          </div>
          <div class="cell">
            <label
              >Teeth of the ring<el-input
                v-model="form.teeth"
                placeholder="48"
                inputmode="numeric"
                data-test="teeth" /></label
            ><span v-if="problems['teeth']" class="bad">{{ problems['teeth'] }}</span>
          </div>
        </div>
      </SheetTopic>
      <SheetTopic
        title="Torque figures"
        where="Tightening table of the workshop manual. If you leave a figure empty, Zelf gives none for brakes and wheels."
      >
        <div class="fields">
          <div v-for="point in TORQUE_POINTS" :key="point" class="cell">
            <label>{{ TORQUE_WORDS[point] }}, N·m<el-input v-model="form.torques[point]" inputmode="decimal" /></label
            ><span v-if="problems[`torque.${point}`]" class="bad">{{ problems[`torque.${point}`] }}</span>
          </div>
        </div>
      </SheetTopic>
      <SheetTopic
        title="Where things sit"
        where="Follow the lead from the wheel with a torch; the manual shows where its plug is."
      >
        <div v-for="channel in record.vehicle.channels" :key="channel" class="fields place">
          <b>{{ say(channel) }}</b>
          <el-select
            v-model="form.sensorPlaces[channel]"
            placeholder="sensor: not known"
            clearable
            :aria-label="`Sensor, ${say(channel)}`"
            ><el-option v-for="one in SENSOR_PLACES" :key="one" :value="one" :label="`sensor ${SENSOR_WORDS[one]}`"
          /></el-select>
          <el-select
            v-model="form.plugPlaces[channel]"
            placeholder="plug: not known"
            clearable
            :aria-label="`Plug, ${say(channel)}`"
            ><el-option v-for="one in PLUG_PLACES" :key="one" :value="one" :label="`plug ${PLUG_WORDS[one]}`"
          /></el-select>
        </div>
      </SheetTopic>
      <SheetTopic
        title="What your time and parts cost"
        where="Zelf compares every step by time and money. Leave empty what you don't know."
      >
        <OwnerCosts :owner="record.owner" @keep="(owner) => record && garage.changeOwner(id, record.owner, owner)" />
      </SheetTopic>
    </main>
    <main v-else-if="garage.isLoaded" class="body"><p>This vehicle is not in this browser.</p></main>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 16px;
  padding: 8px 26px;
  border-bottom: 2px solid var(--ink);
}

.body {
  max-width: 1000px;
  margin: 0 auto;
  padding: 20px 26px 50px;
  display: grid;
  gap: 28px;
  justify-items: start;
}

section {
  width: 100%;
  display: grid;
  gap: 12px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 14px 20px;
}

label {
  display: grid;
  gap: 4px;
  align-content: start;
  font-weight: 600;
  font-size: 0.94rem;
}

.cell {
  display: grid;
  align-content: start;
  font-size: 0.94rem;
}

.first {
  gap: 18px;
}

.choice {
  display: grid;
  gap: 6px;
  font-weight: 600;
  font-size: 0.94rem;
}

.choice .muted {
  font-weight: 400;
}

.start {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}

.switch {
  display: flex;
  align-items: center;
  gap: 12px;
}

.place {
  grid-template-columns: 130px repeat(2, minmax(0, 1fr));
  align-items: center;
}

.bad {
  color: var(--fault);
  font-weight: 500;
}

@media (max-width: 700px) {
  .body,
  .head {
    padding-inline: 16px;
  }

  .place {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
