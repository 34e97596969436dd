using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Lines;

namespace Krasis.Core.Builds;

/// <summary>A finding that the lead has looked at and lets be.</summary>
/// <param name="Check">The check's name.</param>
/// <param name="Size">The cup it is about.</param>
/// <param name="Line">The line it is about; null when it is about the whole cup.</param>
/// <param name="Reason">Why it may be.</param>
public sealed record Waiver(string Check, CupId Size, LineId? Line, string Reason);
