/** What went wrong, if something did, and the button that sends a form. */
export function Submit({ words, busy, failed }: { words: string; busy?: boolean; failed: string }) {
  return (
    <>
      {failed && (
        <p role="alert" className="text-warn sm:col-span-2">
          {failed}
        </p>
      )}
      <button
        type="submit"
        disabled={busy}
        className="bg-tide text-paper mt-1 justify-self-start rounded-md px-4 py-1 disabled:opacity-50 pointer-coarse:min-h-11"
      >
        {words}
      </button>
    </>
  )
}
