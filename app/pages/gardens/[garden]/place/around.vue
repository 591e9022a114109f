<script setup lang="ts">
import { RUNOFFS, SALTS } from '~/components/place/choices';
import type { Household } from '~/components/place/HouseholdFields.vue';
import type { SiteFields } from '~~/core/model/garden';
import { neighboursOf } from '~~/core/place/yard/neighbours';
import { neighbourSentence } from '~~/core/words/yard';

const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const household = ref<Household>(pick());
function pick(): Household {
  const { children, dogs, cats, grazing, passers_by, deer } = garden.garden!;
  return { children, dogs, cats, grazing, passers_by, deer };
}
watch(
  () => garden.garden,
  () => (household.value = pick()),
);
const keep = () => commands.changeGarden(household.value);
const set = (site: string, fields: Partial<SiteFields>) => commands.changeSite(site, fields);
</script>

<template>
  <div class="space-y-6">
    <section aria-labelledby="around-title">
      <h1 id="around-title">Around the garden</h1>
      <form class="mt-1" @change="keep" @submit.prevent="keep">
        <HouseholdFields v-model="household" />
      </form>
      <button class="link text-sm" @click="view.explain({ kind: 'place', value: 'household' })">What that changes</button>
    </section>
    <section aria-labelledby="compared-title">
      <h2 id="compared-title">Beside each bed</h2>
      <ScrollRegion v-if="garden.sites.length" label="Surroundings of the beds">
        <table class="tabular text-sm">
          <thead>
            <tr>
              <th scope="col">Site</th>
              <th scope="col">Water from around</th>
              <th scope="col">Salt</th>
              <th scope="col">By the drawing</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="site in garden.sites" :key="site.id">
              <th scope="row">
                <NuxtLink class="creature underline decoration-line" :to="`/gardens/${garden.id}/place/sites/${site.id}`">{{
                  site.name
                }}</NuxtLink>
              </th>
              <td>
                <select
                  v-if="site.kind === 'bed'"
                  class="field w-auto!"
                  :value="site.runoff"
                  :aria-label="`Water from around ${site.name}`"
                  @change="set(site.id, { runoff: ($event.target as HTMLSelectElement).value as never })"
                >
                  <option v-for="choice in RUNOFFS" :key="choice.value" :value="choice.value">{{ choice.words }}</option>
                </select>
                <template v-else>–</template>
              </td>
              <td>
                <select
                  class="field w-auto!"
                  :value="site.salt"
                  :aria-label="`Salt at ${site.name}`"
                  @change="set(site.id, { salt: ($event.target as HTMLSelectElement).value as never })"
                >
                  <option v-for="choice in SALTS" :key="choice.value" :value="choice.value">{{ choice.words }}</option>
                </select>
              </td>
              <td>{{ neighboursOf(site, garden.things).map(neighbourSentence).join(' ') || 'Nothing is drawn near it.' }}</td>
            </tr>
          </tbody>
        </table>
      </ScrollRegion>
      <p v-else class="text-quiet">No bed yet.</p>
    </section>
    <section aria-labelledby="clear-title">
      <h2 id="clear-title">To clear first</h2>
      <ClearList />
    </section>
    <section aria-labelledby="stay-title">
      <h2 id="stay-title">What grows here and stays</h2>
      <StayingPlants />
    </section>
  </div>
</template>
