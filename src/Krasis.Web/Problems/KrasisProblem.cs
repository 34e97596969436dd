using Krasis.App.Shared;
using Microsoft.AspNetCore.Mvc;

namespace Krasis.Web.Problems;

/// <summary>An RFC 9457 problem that points at the fields.</summary>
public sealed class KrasisProblem : ProblemDetails
{
    /// <summary>The fields that were not accepted; empty when it is about no field.</summary>
    public IReadOnlyList<FieldProblem> Errors { get; init; } = [];
}
