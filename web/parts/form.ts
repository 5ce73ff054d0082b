/** A form that is sent once: busy while it runs, and every refusal at its field. */
import { reactive, ref } from 'vue';
import { ApiError } from '../data/transport.ts';

export function useForm() {
  const problems = reactive<Record<string, string>>({});
  const busy = ref(false);
  async function submit(work: () => Promise<unknown>): Promise<boolean> {
    for (const key of Object.keys(problems)) delete problems[key];
    busy.value = true;
    try {
      await work();
      return true;
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      for (const { field, message } of error.problem.fields) problems[field] = message;
      if (!error.problem.fields.length) problems.form = error.message;
      return false;
    } finally {
      busy.value = false;
    }
  }
  /** For what makes something: pressed twice it is made once. */
  const once = async (work: () => Promise<unknown>): Promise<boolean> => !busy.value && submit(work);
  return { problems, busy, submit, once };
}
