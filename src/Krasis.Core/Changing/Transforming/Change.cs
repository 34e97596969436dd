using Krasis.Core.Builds.Lines;

namespace Krasis.Core.Changing.Transforming;

/// <summary>One difference between a build and the one it was made of.</summary>
/// <param name="Line">The line it is about; null when it is about the build.</param>
/// <param name="What">What changed, in a sentence.</param>
/// <param name="Why">Why, in a sentence.</param>
/// <param name="Offer">What can be asked for besides because of it, in one press; null where nothing is.</param>
public sealed record Change(LineId? Line, string What, string Why, ChangeOffer? Offer = null);

/// <summary>What a guest may want besides, because of what was changed.</summary>
public enum ChangeOffer
{
    /// <summary>To leave off what stands on top.</summary>
    NoTop,
}
