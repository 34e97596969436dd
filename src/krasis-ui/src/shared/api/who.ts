const whoKey = 'krasis.who'

/** Who is at this counter, remembered in this browser. */
export function rememberedWho(): string {
  try {
    return localStorage.getItem(whoKey) ?? ''
  } catch {
    return ''
  }
}

export function rememberWho(who: string): void {
  try {
    localStorage.setItem(whoKey, who)
  } catch {
    // It will be asked again.
  }
}
