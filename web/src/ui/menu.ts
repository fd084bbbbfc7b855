/** Looks of a menu and of one thing in it. */
export const MENU =
  'bg-leaf border-edge text-ink z-50 max-h-[80vh] overflow-y-auto rounded-md border p-1 shadow-lg'
export const MENU_ITEM =
  'data-highlighted:bg-tide data-highlighted:text-paper flex cursor-pointer items-center gap-2 rounded px-3 py-1 pointer-coarse:py-2.5'
