using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>What can be asked.</summary>
/// <param name="Questions">The questions.</param>
/// <param name="Scales">The scales.</param>
public sealed record TastingChoices(IReadOnlyList<TastingQuestion> Questions, IReadOnlyList<JarScale> Scales);

/// <summary>Which sample is served no more.</summary>
/// <param name="Sample">Its place among the samples.</param>
public sealed record WithdrawRequest(int? Sample);
