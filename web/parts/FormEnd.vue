<script setup lang="ts">
/** The foot of a form: what is wrong with it as a whole, the press that sends it, and where there is one the press that removes. */
import { computed, ref } from 'vue';

const props = withDefaults(defineProps<{ problem?: string; busy: boolean; save?: string; remove?: string | false }>(), {
  save: 'Save',
  remove: false,
});
const emit = defineEmits<{ remove: [] }>();
/** What takes other things along is asked for twice. */
const asking = ref(false);
const asks = computed(() => typeof props.remove === 'string' && props.remove.includes(';'));
const press = () => (asks.value && !asking.value ? (asking.value = true) : emit('remove'));
</script>

<template>
  <p v-if="problem" class="wrong">{{ problem }}</p>
  <div class="row between">
    <button class="press main" type="submit" :disabled="busy">{{ save }}</button>
    <span v-if="remove" class="row tight"
      ><button v-if="asking" class="press quiet" type="button" @click="asking = false">No, keep it</button
      ><button class="press quiet brick" type="button" @click="press">
        {{ asking ? 'Yes, remove it' : remove }}
      </button></span
    >
  </div>
</template>
