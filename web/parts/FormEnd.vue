<script setup lang="ts">
/** The foot of a form: what is wrong with it as a whole, the press that sends it, and where there is one the press that removes. */
withDefaults(defineProps<{ problem?: string; busy: boolean; save?: string; remove?: string | false }>(), {
  save: 'Save',
  remove: false,
});
const emit = defineEmits<{ remove: [] }>();
</script>

<template>
  <p v-if="problem" class="wrong">{{ problem }}</p>
  <div class="row between">
    <button class="press main" type="submit" :disabled="busy">{{ save }}</button>
    <button v-if="remove" class="press quiet brick" type="button" @click="emit('remove')">{{ remove }}</button>
  </div>
</template>
