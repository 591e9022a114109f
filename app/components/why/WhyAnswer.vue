<script setup lang="ts">
import { isOfCreatures } from '~~/core/model/symptoms';
import { harmWords, LACK_WORDS, VERDICT_WORDS } from '~~/core/words/why';
import { listed } from '~~/core/words/lists';

/** One question: what to heed first, what it may be, the one look that tells most, and what to do now. */
const garden = useGardenStore();
const why = useWhyStore();
const cases = useCasesStore();
const work = useWorkStore();
const { asked, caseId, answer, ask, go } = useWhyQuestion();
const found = computed(() => why.diagnose(asked.value)!);
const row = computed(() => cases.all.find((one) => one.id === caseId.value) ?? null);
const name = computed(() => cases.nameOf(found.value.subject.planting?.plant ?? asked.value.of));
const where = computed(() => found.value.subject.site?.name ?? (asked.value.batch ? 'being raised' : ''));
const base = computed(() => `/gardens/${garden.id}`);
/** The cause that is looked at: the leading one, or one that was pressed. */
const picked = ref('');
const looked = computed(
  () => found.value.causes.find((one) => one.cause.cause === picked.value) ?? found.value.causes[0] ?? null,
);
const answered = computed(() =>
  asked.value.answers.flatMap((one) => {
    const check = why.why!.book.check(one.check);
    return check ? [{ ...one, text: check.question }] : [];
  }),
);
const planting = computed(() => found.value.subject.planting);
const LACK_PATHS: Record<string, string> = { age: '/plan', purchase: '/plan', batch: '/work/raise' };
/** Of nobody in particular there is no bed to name. */
const lacks = computed(() => found.value.lacks.filter((lack) => asked.value.of !== null || lack !== 'site'));
const lackPath = computed(() => `${base.value}${LACK_PATHS[lacks.value[0] ?? ''] ?? '/place'}`);
const heading = useTemplateRef<HTMLElement>('heading');
const verdict = useTemplateRef<HTMLElement>('verdict');
/** After the last question its buttons are gone: the focus goes to what came of it. */
watch(
  () => found.value.next === null,
  async (over) => {
    await nextTick();
    if (over && document.activeElement === document.body) verdict.value?.focus({ preventScroll: true });
  },
);
onMounted(() => heading.value?.focus({ preventScroll: true }));
</script>

<template>
  <article>
    <p class="no-print">
      <button
        class="link min-h-[26px] phone:min-h-[44px]"
        @click="ask({ of: asked.of, planting: asked.planting, site: asked.site, batch: asked.batch })"
      >
        Something else is seen
      </button>
    </p>
    <div class="flex items-center gap-3">
      <SymptomGlyph :glyph="found.symptom.glyph" :size="64" />
      <div>
        <h1 ref="heading" tabindex="-1" class="outline-none">{{ found.symptom.name }}</h1>
        <p>
          <span v-if="name" class="creature">{{ name }}</span><span v-else class="text-quiet"
            >Of a plant or creature that was not named: only what holds of all is weighed</span
          ><span v-if="where" class="text-quiet">, {{ where }}</span>
        </p>
      </div>
    </div>

    <div v-if="!asked.of" class="no-print mt-2">
      <WhyWho :kind="isOfCreatures(found.symptom.part) ? 'creature' : 'plant'" />
    </div>

    <section v-if="found.harm.length" class="mt-3 border-l-4 border-gap pl-3" aria-label="Before you do anything">
      <p
        v-for="(harm, i) in found.harm"
        :key="`${harm.kind} ${i}`"
        :class="harm.kind === 'young' || harm.kind === 'first' ? 'font-semibold' : 'text-sm'"
      >
        {{ harmWords(harm, work.names) }}
      </p>
    </section>

    <div class="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
      <div class="lg:order-2">
        <WhyCheck v-if="found.next" :next="found.next" @answer="(said) => answer(found.next!.check.id, said)" />
        <p ref="verdict" class="mt-2 outline-none" role="status" tabindex="-1">{{ VERDICT_WORDS[found.verdict] }}</p>
        <div v-if="answered.length" class="mt-2 text-sm">
          <h2 class="text-base!">Answered</h2>
          <ul>
            <li v-for="one in answered" :key="one.check" class="flex flex-wrap items-baseline gap-x-3">
              <span
                >{{ one.text }} <strong>{{ one.yes ? 'Yes' : 'No' }}</strong></span
              >
              <button class="link no-print min-h-[26px] phone:min-h-[44px]" @click="answer(one.check, null)">
                Take back<span class="sr-only"> the answer to “{{ one.text }}”</span>
              </button>
            </li>
          </ul>
        </div>
        <p v-if="asked.passed?.length" class="no-print mt-1 text-sm">
          <button class="link min-h-[26px] phone:min-h-[44px]" @click="go({ pass: null })">
            Ask again what could not be said ({{ asked.passed.length }})
          </button>
        </p>
        <p v-if="lacks.length" class="mt-2 max-w-prose text-sm text-quiet">
          Not known here, and it would tell: {{ listed(lacks.map((lack) => LACK_WORDS[lack])) }}.
          <NuxtLink class="link" :to="lackPath">Put it in</NuxtLink>
        </p>
        <WhyRemedy v-if="looked" class="mt-4" :looked="looked" :row="row" :found="found" />
      </div>
      <WhyCauses class="lg:order-1" :found="found" :picked="looked?.cause.cause ?? ''" @pick="(cause) => (picked = cause)" />
    </div>

    <LazyWhyDecisions v-if="planting" :key="planting.id" class="mt-5" :planting="planting" />
    <WhyCases :rows="cases.of(asked.of ?? '').filter((one) => one.id !== caseId)" title="Earlier cases of it" />
  </article>
</template>
