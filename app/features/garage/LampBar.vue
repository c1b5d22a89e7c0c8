<script setup lang="ts">
import { RouterLink } from 'vue-router';
import { texts } from '#words/screens/garage';

/** The foot of the garage: a lamp is on, and in which vehicle. */
defineProps<{ vehicles: readonly { readonly id: string; readonly name: string }[] }>();
const emit = defineEmits<{ start: [vehicle: string]; another: []; 'open-file': [] }>();
/** The others begin a job from their own row. */
const MOST = 5;
</script>

<template>
  <footer class="bar lamps">
    <p class="asks">
      <b>{{ texts.aLampIsOnQuestion }}</b><span>{{ texts.inWhichVehicle }}</span>
    </p>
    <div class="choices">
      <button
        v-for="vehicle in vehicles.slice(0, MOST)"
        :key="vehicle.id"
        type="button"
        class="own"
        data-test="start-job"
        :data-for="vehicle.name"
        @click="emit('start', vehicle.id)"
      >
        {{ vehicle.name || texts.noNameYet }}
      </button>
      <button type="button" data-test="add-vehicle" @click="emit('another')">{{ texts.anotherVehicle }}</button>
    </div>
    <p class="ways">
      <RouterLink :to="{ name: 'bench-home' }"
        ><b>{{ texts.practise }}</b
        ><span>{{ texts.onAMadeUpCar }}</span></RouterLink
      >
      <button type="button" @click="emit('open-file')">
        <b>{{ texts.openAFile }}</b><span>{{ texts.ofASavedJob }}</span>
      </button>
    </p>
  </footer>
</template>

<style scoped>
.lamps {
  position: sticky;
  bottom: 0;
  z-index: 4;
  display: flex;
  gap: 10px 28px;
  align-items: center;
  padding: 14px max(26px, calc((100% - 1188px) / 2)) calc(14px + env(safe-area-inset-bottom));
  background: var(--bar);
  color: var(--bar-text);
}

.asks,
.ways a,
.ways button {
  display: grid;
  line-height: 1.25;
}

.asks b {
  font-size: 1.15rem;
}

span {
  color: var(--bar-muted);
  font-size: 0.9rem;
}

.choices {
  flex: 1;
  display: flex;
  gap: 12px;
}

.choices button {
  min-height: 54px;
  padding: 8px 22px;
  border: 1.5px solid var(--bar-line);
  border-radius: 10px;
  background: none;
  color: var(--bar-text);
  font-weight: 600;
  white-space: nowrap;
  cursor: pointer;
}

.choices .own {
  border-color: var(--bar-action);
}

.ways {
  display: flex;
  gap: 28px;
}

.ways a,
.ways button {
  background: none;
  border: 0;
  padding: 4px 0;
  text-align: left;
  text-decoration: none;
  color: var(--bar-text);
  cursor: pointer;
  min-height: 48px;
  align-content: center;
}

.lamps :focus-visible {
  outline-color: var(--bar-text);
}

@media (max-width: 1000px) {
  .ways {
    display: none;
  }
}

@media (max-width: 700px) {
  .lamps {
    flex-direction: column;
    align-items: stretch;
    gap: 6px;
    padding: 8px 16px calc(10px + env(safe-area-inset-bottom));
  }

  .asks {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }

  .choices {
    gap: 8px;
    overflow-x: auto;
    padding: 3px;
    margin: -3px;
  }

  .choices button {
    flex: 1 0 auto;
    padding: 8px 14px;
  }
}
</style>
