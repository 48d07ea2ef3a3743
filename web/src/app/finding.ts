/** Whether the search through the job is open: by its key, and from the phone. */
import { ref } from 'vue';

export const finding = ref(false);
