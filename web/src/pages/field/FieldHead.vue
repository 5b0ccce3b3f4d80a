<script setup lang="ts">
import type { FieldSeason } from '../../api/client'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'

/** Which field this is, and where its work is done. */
defineProps<{ shown: FieldSeason; fieldId: string }>()
const session = useSession()
</script>

<template>
  <header class="row mb-2">
    <div class="grow">
      <h1>{{ shown.field.name }}</h1>
      <p class="muted">
        {{ session.amount(shown.field.areaHa, 'HA') }} · {{ shown.furrow.crop }} →
        {{ shown.furrow.nextCrop }}, planted {{ sayDay(shown.furrow.nextPlantOn) }}
        <template v-if="shown.furrow.harvest">
          · field clear about {{ sayDay(shown.furrow.harvest) }}</template
        >
        <template v-if="shown.field.organic"> · organic</template>
      </p>
    </div>
    <v-btn
      v-if="shown.furrow.plan && !shown.furrow.seededOn"
      color="primary"
      :to="`/fields/${fieldId}/job`"
      class="no-print"
      >Seeding job</v-btn
    >
    <v-btn
      v-if="shown.furrow.seededOn"
      variant="outlined"
      :to="`/fields/${fieldId}/walk`"
      class="no-print"
      >Count</v-btn
    >
    <v-btn
      v-if="shown.furrow.plan"
      variant="outlined"
      :to="`/fields/${fieldId}/end`"
      class="no-print"
      >Ending</v-btn
    >
    <v-btn variant="outlined" :to="`/fields/${fieldId}/edit`" class="no-print"
      >Edit the field</v-btn
    >
  </header>
</template>
