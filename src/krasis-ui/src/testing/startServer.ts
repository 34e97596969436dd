import { spawn } from 'node:child_process'
import { existsSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { fileURLToPath } from 'node:url'
import type { TestProject } from 'vitest/node'

declare module 'vitest' {
  export interface ProvidedContext {
    address: string
  }
}

const program = fileURLToPath(new URL('../../../../artifacts/krasis/Krasis.Web.dll', import.meta.url))

/** Starts the published program with the demo's data, on a file of its own, for all tests; stops it when they are done. */
export default async function startServer({ provide }: TestProject): Promise<() => void> {
  if (!existsSync(program)) {
    throw new Error(`${program} is not there. ./test publishes it before these tests run.`)
  }

  const folder = mkdtempSync(join(tmpdir(), 'krasis-ui-'))
  const data = join(folder, 'krasis.db')
  const server = spawn(
    'dotnet',
    [program, '--data', data, '--port', '0', '--clock', '2026-11-25T09:00:00Z', '--demo'],
    { env: { ...process.env, KRASIS_TESTS: '1' }, stdio: ['ignore', 'pipe', 'inherit'] },
  )
  for await (const line of createInterface(server.stdout)) {
    const [, address] = /^Krasis answers at (\S+)/.exec(line) ?? []
    if (address) {
      provide('address', address)
      return () => {
        server.kill()
        rmSync(folder, { recursive: true })
      }
    }
  }

  throw new Error('The program ended before it answered.')
}
