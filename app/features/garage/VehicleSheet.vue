<script setup lang="ts">
import { inFigures } from '../../../core/words/figures';
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
import { texts } from '#words/screens/garage';

/** The spec sheet: what the owner's manual says. All of it may stay empty. */
const garage = useGarage();
const route = useRoute();
const router = useRouter();
const { values } = usePreferences();
/** Those that the sheet was opened with: what stands in its fields is in them. */
const units = { ...values };
const id = computed(() => String(route.params['vehicle']));
const record = computed(() => garage.vehicles.find((vehicle) => vehicle.id === id.value) ?? null);
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
  const [fresh, old] = [formOf(now.vehicle, units), shown && formOf(shown, units)];
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
  const made = vehicleOf(form, before, units);
  problems.value = Object.fromEntries(made.problems.map((problem) => [problem.path, problem.message]));
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
  knuckle: texts.inTheKnuckle,
  'behind-disc': texts.behindTheDisc,
  'one-piece-hub': texts.insideAOnePiece,
  differential: texts.onTheDifferential,
  'in-bearing': texts.builtIntoTheBearing,
};
const PLUG_WORDS: Readonly<Record<string, string>> = {
  bonnet: texts.underTheBonnet,
  'arch-liner': texts.behindTheArchLiner,
  trim: texts.underATrim,
  sill: texts.atTheSill,
  seat: texts.underASeat,
  underbody: texts.underTheBody,
};
const LAYOUT_WORDS = [
  ['four', texts.fourOneAWheel],
  ['three', texts.threeOneForThe],
  ['two', texts.twoFrontWheelsOnly],
] as const;

/** Front and rear may carry different kinds; an axle has one. */
function setKind(channel: Channel, kind: string): void {
  const vehicle = record.value?.vehicle;
  if (!vehicle) return;
  const axle = axleOf(channel, vehicle.channels);
  const before = Object.entries(vehicle.sensorTypes ?? {});
  const others = Object.fromEntries(before.filter(([entry]) => !axle.includes(entry as Channel)));
  const made = kind === '' ? others : { ...others, ...Object.fromEntries(axle.map((entry) => [entry, kind])) };
  void garage.changeVehicle(id.value, vehicle, { ...vehicle, sensorTypes: made });
}
const TORQUE_WORDS: Readonly<Record<string, string>> = {
  'sensor-bolt': texts.sensorBolt,
  'caliper-bracket': texts.caliperBracket,
  'caliper-pin': texts.caliperPin,
  'hub-nut': texts.hubNut,
  'wheel-nut': texts.wheelNut,
  'brake-line-bracket': texts.brakeLineBracket,
};
</script>

<template>
  <div class="sheet">
    <header class="head">
      <RouterLink class="tap quiet" :to="{ name: 'garage' }">{{ texts.garage }}</RouterLink>
      <h1>{{ texts.specSheetOf(form.name || texts.newVehicle) }}</h1>
      <span v-if="isKept" class="muted" role="status">{{ texts.kept }}</span>
    </header>
    <main v-if="record" class="body">
      <section class="first">
        <label>{{ texts.youCallIt }}<el-input v-model="form.name" maxlength="60" data-test="vehicle-name" /></label>
        <div class="choice" role="group" :aria-label="texts.steeringWheel">
          <span>{{ texts.steeringWheel }}</span>
          <div class="chips">
            <button
              v-for="entry in ['left', 'right'] as const"
              :key="entry"
              type="button"
              class="tap"
              :aria-pressed="form.steeringSide === entry"
              :data-test="`steering-${entry}`"
              @click="form.steeringSide = entry"
            >
              {{ texts.steeringSides[entry] }}
            </button>
          </div>
        </div>
        <div class="choice" role="group" :aria-label="texts.sensors">
          <span>{{ texts.wheelSpeedSensors }}</span>
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
            {{ texts.notSureNearlyEvery }}
          </p>
        </div>
        <p class="start">
          <button class="tap strong" type="button" data-test="start-job" @click="start">{{ texts.aLampIsOn }}</button>
          <span class="muted">{{ texts.thatIsEnoughTo }}</span>
        </p>
      </section>
      <SheetTopic :title="texts.sensorsAndCar" :where="texts.passiveOrActiveThe">
        <div class="fields">
          <label
            >{{ texts.kindOfSensors
            }}<el-select v-model="form.sensorType" :placeholder="texts.notKnown"
              ><el-option value="" :label="texts.notKnown" /><el-option
                value="passive"
                :label="texts.passiveACoil" /><el-option value="active" :label="texts.activeFed" /><el-option
                v-if="form.sensorType === 'mixed'"
                value="mixed"
                :label="texts.mixedAsInThe" /></el-select
          ></label>
          <div class="cell">
            <label
              >{{ texts.odometer(units.distance)
              }}<el-input v-model="form.odometer" inputmode="numeric" data-test="odometer" /></label
            ><span v-if="problems['odometer']" class="bad">{{ problems['odometer'] }}</span>
          </div>
          <label class="switch"><el-switch v-model="form.highVoltage" /> {{ texts.highVoltageVehicleHybrid }}</label>
        </div>
        <p class="muted">{{ texts.byWheelWhereFront }}</p>
        <div class="fields">
          <label v-for="channel in record.vehicle.channels" :key="channel"
            >{{ say(channel)
            }}<el-select
              :model-value="record.vehicle.sensorTypes?.[channel] ?? ''"
              :placeholder="texts.notKnown"
              @change="(kind: string) => setKind(channel, kind)"
              ><el-option value="" :label="texts.notKnown" /><el-option
                value="passive"
                :label="texts.passive" /><el-option value="active" :label="texts.active" /></el-select
          ></label>
        </div>
      </SheetTopic>
      <SheetTopic :title="texts.figuresToMeasureAgainst" :where="texts.wiringOrBrakeSection">
        <div class="fields">
          <div class="cell">
            <label
              >{{ texts.sensorResistanceFrom
              }}<el-input v-model="form.coilMin" :placeholder="inFigures('1.0 kΩ')" /></label
            ><span v-if="problems['coilMin']" class="bad">{{ problems['coilMin'] }}</span>
          </div>
          <div class="cell">
            <label>{{ texts.to }}<el-input v-model="form.coilMax" :placeholder="inFigures('1.4 kΩ')" /></label
            ><span v-if="problems['coilMax']" class="bad">{{ problems['coilMax'] }}</span>
          </div>
          <label
            >{{ texts.atTemperature(units.temperature)
            }}<el-input v-model="form.coilAt" placeholder="20" inputmode="decimal"
          /></label>
          <div class="cell">
            <label
              >{{ texts.tyreAsOnIts }}<el-input v-model="form.tyre" placeholder="195/65R15" data-test="tyre" /></label
            ><span v-if="problems['tyre']" class="bad">{{ problems['tyre'] }}</span>
          </div>
          <div class="cell">
            <label
              >{{ texts.teethOfTheRing
              }}<el-input v-model="form.teeth" placeholder="48" inputmode="numeric" data-test="teeth" /></label
            ><span v-if="problems['teeth']" class="bad">{{ problems['teeth'] }}</span>
          </div>
        </div>
      </SheetTopic>
      <SheetTopic :title="texts.torqueFigures" :where="texts.tighteningTableOfThe">
        <div class="fields">
          <div v-for="point in TORQUE_POINTS" :key="point" class="cell">
            <label
              >{{ texts.torqueIn(TORQUE_WORDS[point] ?? point, units.torque)
              }}<el-input v-model="form.torques[point]" inputmode="decimal" /></label
            ><span v-if="problems[`torque.${point}`]" class="bad">{{ problems[`torque.${point}`] }}</span>
          </div>
        </div>
      </SheetTopic>
      <SheetTopic :title="texts.whereThingsSit" :where="texts.followTheLeadFrom">
        <div v-for="channel in record.vehicle.channels" :key="channel" class="fields place">
          <b>{{ say(channel) }}</b>
          <el-select
            v-model="form.sensorPlaces[channel]"
            :placeholder="texts.sensorNotKnown"
            clearable
            :aria-label="texts.sensor(say(channel))"
            ><el-option
              v-for="place in SENSOR_PLACES"
              :key="place"
              :value="place"
              :label="texts.sensorSits(SENSOR_WORDS[place] ?? place)"
          /></el-select>
          <el-select
            v-model="form.plugPlaces[channel]"
            :placeholder="texts.plugNotKnown"
            clearable
            :aria-label="texts.plug(say(channel))"
            ><el-option
              v-for="place in PLUG_PLACES"
              :key="place"
              :value="place"
              :label="texts.plugSits(PLUG_WORDS[place] ?? place)"
          /></el-select>
        </div>
      </SheetTopic>
      <SheetTopic :title="texts.whatYourTimeAnd" :where="texts.zelfComparesEveryStep">
        <OwnerCosts :owner="record.owner" @keep="(owner) => record && garage.changeOwner(id, record.owner, owner)" />
      </SheetTopic>
    </main>
    <main v-else-if="garage.isLoaded" class="body">
      <p>{{ texts.thisVehicleIsNot }}</p>
    </main>
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
