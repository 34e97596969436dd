using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Preparing;

/// <summary>How the house prepares.</summary>
/// <param name="Lasts">What is made and bought is to last with this probability, from 0.5 to 0.999.</param>
/// <param name="Days">How many days are planned, 1 to 28.</param>
/// <param name="Hours">Seven weekdays, Monday first.</param>
/// <param name="Kinds">Sorts of days.</param>
/// <param name="Equipment">What can be busy.</param>
/// <param name="FridgeLitres">What the fridge holds; null when that is not watched.</param>
/// <param name="Makings">How things are made, by ingredient.</param>
/// <param name="Buying">How things are bought.</param>
public sealed record PrepFacts(
    double Lasts,
    int Days,
    IReadOnlyList<DayHours> Hours,
    IReadOnlyList<DayKind> Kinds,
    IReadOnlyList<Equipment> Equipment,
    double? FridgeLitres,
    IReadOnlyDictionary<string, MakingRule> Makings,
    IReadOnlyDictionary<Item, BuyingRule> Buying
)
{
    /// <summary>The hours of a day.</summary>
    public DayHours HoursOn(DateOnly day) => Hours[((int)day.DayOfWeek + 6) % 7];
}

/// <summary>One weekday's hours, in minutes from midnight on the wall clock.</summary>
/// <param name="Opens">When it opens; null when it is closed.</param>
/// <param name="Closes">When it closes.</param>
/// <param name="WorkFrom">From when on somebody prepares; null when nobody does.</param>
/// <param name="WorkTo">Until when.</param>
/// <param name="People">How many prepare side by side.</param>
public sealed record DayHours(int? Opens, int? Closes, int? WorkFrom, int? WorkTo, int People);

/// <summary>Something that can be busy.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the house calls it.</param>
/// <param name="Count">How many there are.</param>
public sealed record Equipment(string Id, string Name, int Count);

/// <summary>How something is made in batches.</summary>
/// <param name="Ingredient">What comes out.</param>
/// <param name="Batch">The most that is made at once, g.</param>
/// <param name="Least">The least that is sensible, g.</param>
/// <param name="Work">How long somebody works on it, min.</param>
/// <param name="Wait">How long it then stands, min.</param>
/// <param name="WaitsFor">What it stands for; null when it does not.</param>
/// <param name="WorkOn">Equipment that is busy while somebody works on it.</param>
/// <param name="WaitOn">Equipment that is busy while it stands; null for none.</param>
/// <param name="Keeps">How many days it keeps, the day of making counted; null as the part says.</param>
/// <param name="IsCooked">Whether it has to be cooled in time.</param>
/// <param name="IsChilled">Whether it stands in the fridge; null as the part says.</param>
/// <param name="Who">Who makes it; null for anybody.</param>
public sealed record MakingRule(
    string Ingredient,
    double Batch,
    double Least,
    int Work,
    int Wait,
    Waiting? WaitsFor,
    IReadOnlyList<string> WorkOn,
    string? WaitOn,
    int? Keeps,
    bool IsCooked,
    bool? IsChilled,
    string? Who
);

/// <summary>How something is bought.</summary>
/// <param name="Par">Packs that are to stand there when all that is planned has been used.</param>
/// <param name="LeadDays">Days from the order to the delivery.</param>
/// <param name="PackPieces">Cups in a sleeve; null for what is weighed.</param>
public sealed record BuyingRule(double Par, int LeadDays, int? PackPieces);

/// <summary>What a batch stands for.</summary>
public enum Waiting
{
    /// <summary>It steeps.</summary>
    Steep,

    /// <summary>It cools.</summary>
    Cool,

    /// <summary>It freezes.</summary>
    Freeze,

    /// <summary>It rests.</summary>
    Rest,
}
