using Krasis.Core.Changing.Bringing;
using Krasis.Core.Changing.Moving;

namespace Krasis.App.Files;

/// <summary>A bundle that was sent, to be looked through.</summary>
/// <param name="Key">By what it is asked for again.</param>
/// <param name="Scope"><c>drinks</c>, or <c>house</c> where everything of a house is in it.</param>
/// <param name="IsOwn">Whether it comes from this house.</param>
/// <param name="WrittenAt">When it was written.</param>
/// <param name="Drinks">The drinks in it.</param>
public sealed record BundleView(
    string Key,
    string Scope,
    bool IsOwn,
    DateTimeOffset WrittenAt,
    IReadOnlyList<GuestView> Drinks
);

/// <summary>A drink in a bundle.</summary>
/// <param name="Id">Its id there.</param>
/// <param name="Name">What it is called there.</param>
/// <param name="State">How far it has come there.</param>
/// <param name="Standing"><c>new</c>, <c>same</c> as one here, or <c>different</c> from the one here that is it or is
/// called so.</param>
/// <param name="Own">The id of that one; null where it is new.</param>
public sealed record GuestView(string Id, string Name, string State, string Standing, string? Own);

/// <summary>Which drinks of a bundle are to be looked at, and what was decided so far of what they rest on.</summary>
public sealed record LookRequest
{
    /// <summary>Their ids there.</summary>
    public IReadOnlyList<string> Drinks { get; init; } = [];

    /// <summary>What was decided; what is not in it is guessed.</summary>
    public IReadOnlyList<FactChoice> Choices { get; init; } = [];
}

/// <summary>What drinks of a bundle would be here.</summary>
/// <param name="Facts">What each fact that they rest on is to be here.</param>
/// <param name="Drinks">The drinks.</param>
public sealed record LookView(IReadOnlyList<MatchedFact> Facts, IReadOnlyList<GuestLook> Drinks);

/// <summary>What a drink would be here.</summary>
/// <param name="Id">Its id there.</param>
/// <param name="Problem">Why it cannot be poured here; null where it can.</param>
/// <param name="Sizes">What is poured there and here, side by side.</param>
/// <param name="Said">What could not be kept as it was.</param>
/// <param name="Findings">What the checks find here, faults first.</param>
public sealed record GuestLook(
    string Id,
    string? Problem,
    IReadOnlyList<PourSize> Sizes,
    IReadOnlyList<string> Said,
    IReadOnlyList<string> Findings
);

/// <summary>Which drinks of a bundle are to be taken in.</summary>
public sealed record TakeRequest
{
    /// <summary>The drinks.</summary>
    public IReadOnlyList<TakeOne> Drinks { get; init; } = [];

    /// <summary>What each fact that they rest on is to be here.</summary>
    public IReadOnlyList<FactChoice> Choices { get; init; } = [];
}

/// <summary>A drink to be taken in.</summary>
/// <param name="Id">Its id there.</param>
/// <param name="As"><c>beside</c> what is here, or to <c>replace</c> the one that is it or is called so.</param>
public sealed record TakeOne(string Id, string As);

/// <summary>What was taken in.</summary>
/// <param name="Id">By what it is undone.</param>
/// <param name="TakenAt">When.</param>
/// <param name="Says">What it was.</param>
/// <param name="IsUndone">Whether it was undone.</param>
public sealed record TakenView(string Id, DateTimeOffset TakenAt, string Says, bool IsUndone);
