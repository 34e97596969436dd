import type { components } from './schema'
import type { FieldProblem } from './types'

/** A problem that the server answered with, or that it did not answer. */
export class ApiProblem extends Error {
  private constructor(
    /** The HTTP status; 0 when the server did not answer. */
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    readonly errors: FieldProblem[],
  ) {
    super(detail ? `${title} ${detail}` : title)
  }

  /** Whether the same may be taken later as it is: nobody answered, or nothing can be kept now. */
  get isForLater(): boolean {
    return [0, 503, 507].includes(this.status)
  }

  static unreachable(): ApiProblem {
    return new ApiProblem(
      0,
      'Krasis does not answer.',
      'Nothing was saved. Leave this page open, start the program again, then try once more.',
      [],
    )
  }

  static unreadable(): ApiProblem {
    return new ApiProblem(
      502,
      'What came in the place of an answer cannot be read.',
      'Nothing was saved. Try once more. If it happens again, reload the page.',
      [],
    )
  }

  static overtaken(): ApiProblem {
    return new ApiProblem(
      412,
      'This build has been changed since you opened it.',
      'Another tab, or somebody else, has saved it meanwhile. Nothing of theirs is overwritten, and nothing of yours is lost.',
      [],
    )
  }

  static from(status: number, body: unknown): ApiProblem {
    const problem = (typeof body === 'object' && body !== null ? body : {}) as Partial<
      components['schemas']['KrasisProblem']
    >
    return new ApiProblem(
      status,
      problem.title ?? `The server answered with status ${status}.`,
      problem.detail ?? '',
      problem.errors ?? [],
    )
  }

  /** Any error as a problem: what is not one is a defect, and is thrown on. */
  static of(error: unknown): ApiProblem {
    if (error instanceof ApiProblem) {
      return error
    }

    throw error
  }
}
