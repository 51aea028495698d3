import { computed, reactive } from 'vue'

/** The cell at hand, and the rectangle of cells that is marked between it and where marking began. */
export function useMark() {
  const at = reactive({ row: 0, col: 0 })
  const anchor = reactive({ row: 0, col: 0 })
  const box = computed(() => ({
    top: Math.min(at.row, anchor.row),
    bottom: Math.max(at.row, anchor.row),
    left: Math.min(at.col, anchor.col),
    right: Math.max(at.col, anchor.col),
  }))
  const marked = (row: number, col: number) => row >= box.value.top && row <= box.value.bottom && col >= box.value.left && col <= box.value.right
  const here = (row: number, col: number) => at.row === row && at.col === col

  function mark(row: number, col: number, extend: boolean) {
    at.row = row
    at.col = col
    if (!extend) Object.assign(anchor, at)
  }

  return { at, box, marked, here, mark }
}
