import { ref } from 'vue'

/** Whether the search of the Book is to take the focus: asked for from anywhere by a key. */
export const searchAsked = ref(false)
