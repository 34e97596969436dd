import { expect, it } from 'vitest'
import { isAway } from '@/shared/api/server'
import { network } from '@/testing/network'
import { ApiProblem } from './ApiProblem'
import { api, ask } from './client'

it('tells an answer that breaks off from a server that is gone', async () => {
  // What a browser throws when the text of an answer ends within a number or a list.
  network.onTheWayBack = () => Promise.reject(new SyntaxError('Unexpected end of JSON input'))
  const problem = await ask(api.GET('/api/schools')).catch(ApiProblem.of)

  expect(problem).toMatchObject({ status: 502 })
  expect(isAway.value).toBe(false)
})
