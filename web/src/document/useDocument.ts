import { useEventListener } from '@vueuse/core'
import { watch, type Ref } from 'vue'
import type { Formula } from '@/api/client'
import { useHistory } from './history'
import { useStoredFormula } from './useStoredFormula'

/**
 * A stored formula with undo and redo, on buttons and on Ctrl+Z.
 *
 * @param busy whether something else has the keys
 */
export function useDocument(id: Ref<string>, busy: () => boolean = () => false) {
  const stored = useStoredFormula(id)
  const { formula } = stored
  const history = useHistory()
  // However another formula is reached, the browser's back button included, undo never brings this one's text into it.
  watch(id, () => history.forget())

  function change(document: Formula, place: string) {
    if (formula.value) history.remember(formula.value, place)
    stored.change(document)
  }

  function undo() {
    if (formula.value && history.canUndo.value) stored.change(history.undo(formula.value))
  }

  function redo() {
    if (formula.value && history.canRedo.value) stored.change(history.redo(formula.value))
  }

  function shortcut(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || busy()) return
    event.preventDefault()
    if (event.shiftKey) redo()
    else undo()
  }
  useEventListener('keydown', shortcut)

  return { stored, history, change, undo, redo }
}
