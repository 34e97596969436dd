import type { Finding } from '@/shared/api/types'

export type Severity = Finding['severity']

/** The severities, the gravest first, as they are told. */
export const severities: Record<Severity, { word: string; icon: string }> = {
  fault: { word: 'fault', icon: 'pi pi-times-circle' },
  warning: { word: 'warning', icon: 'pi pi-exclamation-triangle' },
  note: { word: 'note', icon: 'pi pi-info-circle' },
}

/** What is found of one cell or one cup and asks for something; notes and what is let be do not. */
export function pressing(findings: Finding[]): Finding[] {
  return findings.filter(({ severity, waived }) => waived == null && severity !== 'note')
}

/** The gravest of them. */
export function worst(findings: Finding[]): Severity | null {
  return (
    (Object.keys(severities) as Severity[]).find((one) =>
      findings.some(({ severity }) => severity === one),
    ) ?? null
  )
}

/** How many there are, in words: 2 warnings, or 1 fault and 1 warning. */
export function counted(findings: Finding[]): string {
  return (Object.keys(severities) as Severity[])
    .map((one) => ({ one, count: findings.filter(({ severity }) => severity === one).length }))
    .filter(({ count }) => count > 0)
    .map(({ one, count }) => `${count} ${severities[one].word}${count === 1 ? '' : 's'}`)
    .join(' and ')
}
