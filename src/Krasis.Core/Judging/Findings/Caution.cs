using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Lines;

namespace Krasis.Core.Judging.Findings;

/// <summary>Something to be minded in the making or the drinking. It never replaces local food codes and licensed
/// practice.</summary>
/// <param name="Code">Its name, such as <c>steam</c>.</param>
/// <param name="Message">What to mind, naming the sizes where it is not all of them.</param>
/// <param name="Sizes">The sizes it is about.</param>
/// <param name="Lines">The lines whose technique or ingredient calls for it.</param>
public sealed record Caution(string Code, string Message, IReadOnlyList<CupId> Sizes, IReadOnlyList<LineId> Lines);
