using Krasis.Core.Builds;

namespace Krasis.Store.Builds;

/// <summary>A build's move from one state to another.</summary>
/// <param name="At">When.</param>
/// <param name="State">What it became.</param>
/// <param name="Who">Who moved it; empty when not said.</param>
/// <param name="Reason">Why; empty when not said.</param>
public sealed record StateChange(DateTimeOffset At, BuildState State, string Who, string Reason);
