using Krasis.Core.Bar.Milk;

namespace Krasis.App.Bar;

/// <summary>In what milk is steamed.</summary>
/// <param name="Plan">The plan; null when the bar has no pitchers.</param>
public sealed record PlanView(MilkPlan? Plan);
