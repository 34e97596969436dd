using Krasis.App.Shared;
using Krasis.Core.Changing.Moving;

namespace Krasis.App.Bar;

/// <summary>What a fact would come to and do if it were kept. Nothing is kept.</summary>
/// <typeparam name="TMeasured">What its measurements come to.</typeparam>
/// <param name="Measured">What its measurements come to so far; null when nothing can be said yet.</param>
/// <param name="Problems">What would keep it from being kept.</param>
/// <param name="Conflict">What else of the bar would keep it from being kept; null when nothing would.</param>
/// <param name="Effect">What it would do to the builds; null while it could not be kept.</param>
/// <param name="Uses">The builds that use it, by name.</param>
public sealed record Trial<TMeasured>(
    TMeasured? Measured,
    IReadOnlyList<FieldProblem> Problems,
    string? Conflict,
    Effect? Effect,
    IReadOnlyList<string> Uses
)
    where TMeasured : class;
