<script setup lang="ts">
import { fixed } from '../../../core/words/figures';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import PhotosOf from '../../shared/photos/PhotosOf.vue';
import type { EvidenceLine } from './evidenceView';
import { texts } from '#words/screens/find';

/** Everything seen, with the weight it carries; any line can be withdrawn, and taken up again. */
const props = defineProps<{ lines: readonly EvidenceLine[] }>();
const emit = defineEmits<{ withdraw: [id: string, withdrawn: boolean] }>();
const opened = ref<string | null>(null);
const shown = computed(() => [...props.lines].reverse());
</script>

<template>
  <section class="evidence">
    <h2 class="overline">{{ texts.whatYouHaveFound }}</h2>
    <p v-if="lines.length === 0" class="empty">
      {{ texts.nothingYetBeginWith }}
    </p>
    <ul v-else class="rows" data-test="evidence">
      <li v-for="line in shown" :key="line.id" :class="{ withdrawn: line.withdrawn, void: line.ignored }">
        <button
          class="line"
          type="button"
          :aria-expanded="opened === line.id"
          @click="opened = opened === line.id ? null : line.id"
        >
          <span class="what">
            <b
              >{{ line.title
              }}<template v-if="line.figure"
                >: <span :class="{ figure: /\d/.test(line.figure) }">{{ line.figure }}</span></template
              ></b
            >
            <span v-if="line.verdict?.figure" class="verdict" :class="line.verdict.tone" data-test="kept-verdict">{{
              line.verdict.heading
            }}</span>
            <span v-if="line.detail" class="muted">{{ line.detail }}</span>
            <span v-if="line.ignored" class="muted">{{ texts.notCounted(line.ignored) }}</span>
            <span v-if="line.doubt" class="doubt">! {{ line.doubt }}</span>
          </span>
          <span v-if="line.weighs" class="weighs"
            ><span class="blocks" :class="{ against: line.weighs.decibans < 0 }"
              ><i v-for="n in line.weighs.blocks" :key="n" /></span
            >{{ line.weighs.words }}</span
          >
          <span v-else class="weighs muted">{{
            line.withdrawn
              ? texts.withdrawn
              : line.ignored
                ? ''
                : line.observation.kind === 'history'
                  ? texts.changesWhatIsSuspected
                  : texts.aboutAnotherWheel
          }}</span>
        </button>
        <RouterLink v-if="line.asksWheel" class="tap asks" :to="line.correction" data-test="asks-wheel">{{
          texts.whichWheelWasIt
        }}</RouterLink>
        <PhotosOf class="shots" :of="line.id" :what="line.title" :is-fixed="opened !== line.id" />
        <div v-if="opened === line.id" class="more">
          <span v-if="line.weighs" class="figure muted">{{
            texts.decibans(line.weighs.decibans > 0 ? '+' : '', fixed(line.weighs.decibans, 1))
          }}</span>
          <RouterLink v-if="!line.withdrawn" class="tap" :to="line.correction">{{ texts.correctIt }}</RouterLink>
          <button class="tap" type="button" @click="emit('withdraw', line.id, !line.withdrawn)">
            {{ line.withdrawn ? texts.countItAgain : texts.withdrawIt }}
          </button>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.asks {
  margin: 0 0 8px;
}

.verdict.good {
  color: var(--proved);
}

.verdict.bad {
  color: var(--fault);
}

.verdict.borderline {
  color: var(--suspect);
}

.shots {
  padding-bottom: 8px;
}

.evidence {
  min-width: 0;
}

h2 {
  padding-bottom: 6px;
}

.rows > li {
  padding: 0;
}

.line {
  width: 100%;
  min-height: var(--target);
  padding: 9px 0;
  background: none;
  border: none;
  text-align: left;
  cursor: pointer;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 168px;
  gap: 4px 16px;
  align-items: center;
}

.what {
  display: grid;
}

.what .muted {
  font-size: 0.9rem;
}

.weighs {
  font-size: 0.88rem;
  color: var(--muted);
  display: grid;
  gap: 3px;
}

.blocks {
  display: flex;
  gap: 2px;
}

.blocks i {
  width: 7px;
  height: 9px;
  background: var(--ink);
}

.blocks.against i {
  background: none;
  border: 1.5px solid var(--ink);
}

.doubt {
  color: var(--suspect);
  font-weight: 650;
  font-size: 0.92rem;
}

.withdrawn b,
.void b {
  text-decoration: line-through;
  font-weight: 500;
  color: var(--muted);
}

.more {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
  padding: 0 0 12px;
}

.empty {
  padding: 14px 0;
  border-top: 1px solid var(--line);
}

@media (max-width: 700px) {
  .line {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
