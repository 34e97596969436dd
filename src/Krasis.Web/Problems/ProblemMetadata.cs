namespace Krasis.Web.Problems;

/// <summary>Marks an endpoint that keeps a new thing without If-Match, and a changed one with it.</summary>
internal sealed record MayBeNew;

/// <summary>Describes the problems an endpoint answers with.</summary>
public static class ProblemMetadata
{
    /// <summary>Adds the statuses under which the endpoint answers with a <see cref="KrasisProblem"/>.</summary>
    public static RouteHandlerBuilder Fails(this RouteHandlerBuilder endpoint, params int[] statuses)
    {
        foreach (var status in statuses)
        {
            endpoint.Produces<KrasisProblem>(status, "application/problem+json");
        }

        return endpoint;
    }
}
