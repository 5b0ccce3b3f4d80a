<script setup lang="ts">
import type { Refusal } from '../api/client'

/** Name, e-mail and password of a new account, with what is wrong beside each. */
const form = defineModel<{ name: string; email: string; password: string }>({ required: true })
defineProps<{ wrong: Refusal | null }>()
</script>

<template>
  <v-text-field
    v-model="form.name"
    label="Your name"
    class="mb-3"
    :error-messages="wrong?.at('name')"
  />
  <v-text-field
    v-model="form.email"
    label="E-mail"
    type="email"
    autocomplete="username"
    class="mb-3"
    :error-messages="wrong?.at('email')"
  />
  <v-text-field
    v-model="form.password"
    label="Password, at least 10 characters"
    type="password"
    autocomplete="new-password"
    :error-messages="wrong?.at('password')"
  />
  <p v-if="wrong && !wrong.errors.length" class="rust mt-2">{{ wrong.message }}</p>
</template>
