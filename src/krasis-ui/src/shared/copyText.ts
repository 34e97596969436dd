/**
 * Puts text on the clipboard. Browsers give pages that come over plain HTTP from another machine no clipboard of their own, so
 * that there the text is selected in a hidden box and copied by command.
 * @returns Whether it is on the clipboard now.
 */
export async function copyText(text: string): Promise<boolean> {
  const clipboard = navigator.clipboard as Clipboard | undefined
  if (clipboard) {
    try {
      await clipboard.writeText(text)
      return true
    } catch {
      return false
    }
  }

  const box = document.createElement('textarea')
  box.value = text
  box.style.position = 'fixed'
  box.style.opacity = '0'
  document.body.append(box)
  box.select()
  const isCopied = document.execCommand('copy')
  box.remove()
  return isCopied
}
