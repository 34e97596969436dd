namespace Krasis.Tasting.Documents;

/// <summary>A tasting as it is set up. Nothing in it is trusted before <see cref="TastingReader"/> has read
/// it.</summary>
public sealed record TastingDocument
{
    /// <summary>What the lead calls it. Tasters never see it.</summary>
    public string? Name { get; init; }

    /// <summary>The code of what is asked: suits, best, triangle, duo-trio, preference.</summary>
    public string? Question { get; init; }

    /// <summary>What is tasted.</summary>
    public IReadOnlyList<SampleDocument> Samples { get; init; } = [];

    /// <summary>The codes of the house's scales that are asked, where the question is how it suits or which is
    /// best.</summary>
    public IReadOnlyList<string> Scales { get; init; } = [];

    /// <summary>Scales of the tasting's own.</summary>
    public IReadOnlyList<OwnScaleDocument> Own { get; init; } = [];

    /// <summary>How many tasters are expected.</summary>
    public double? Tasters { get; init; }

    /// <summary>How much of each sample a taster gets, g.</summary>
    public double? Grams { get; init; }

    /// <summary>How warm hot samples shall be when they are tasted, °C.</summary>
    public double? Celsius { get; init; }

    /// <summary>What chance goes by: the same orders and codes for the same number.</summary>
    public double? Seed { get; init; }

    /// <summary>What the day was like.</summary>
    public ConditionsDocument Conditions { get; init; } = new();

    /// <summary>The tasting that this one tastes again; missing where it is the first.</summary>
    public string? Again { get; init; }

    /// <summary>The same without the nulls that its lists may hold when it comes from outside, whatever their types
    /// say.</summary>
    public TastingDocument WithoutNulls() =>
        this with
        {
            Samples = [.. (Samples ?? []).Where(each => each is not null)],
            Scales = [.. (Scales ?? []).Where(each => each is not null)],
            Own = [.. (Own ?? []).Where(each => each is not null)],
            Conditions = Conditions ?? new(),
        };
}

/// <summary>Something that is tasted.</summary>
public sealed record SampleDocument
{
    /// <summary>The id of a build; missing for a drink of elsewhere.</summary>
    public string? Build { get; init; }

    /// <summary>Which of its places in the history, such as v3 or s1; as it is now when it is missing.</summary>
    public string? Place { get; init; }

    /// <summary>The id of the cup it is made in.</summary>
    public string? Size { get; init; }

    /// <summary>What a drink of elsewhere is, in words.</summary>
    public string? Words { get; init; }

    /// <summary>What its label says of sugars, g/100 g; missing where it says nothing.</summary>
    public double? SugarsPer100 { get; init; }

    /// <summary>What its label says of energy, kcal/100 g; missing where it says nothing.</summary>
    public double? EnergyPer100 { get; init; }
}

/// <summary>A scale that a tasting has for itself.</summary>
public sealed record OwnScaleDocument
{
    /// <summary>What it asks for, such as smoke.</summary>
    public string? Name { get; init; }

    /// <summary>What its lower side says, such as too little smoke.</summary>
    public string? TooLittle { get; init; }

    /// <summary>What its upper side says.</summary>
    public string? TooMuch { get; init; }
}

/// <summary>What the day of a tasting was like. All of it may be missing.</summary>
public sealed record ConditionsDocument
{
    /// <summary>The coffee.</summary>
    public string? Coffee { get; init; }

    /// <summary>When it was roasted, as 2026-11-25.</summary>
    public string? RoastedOn { get; init; }

    /// <summary>How the grinder stood.</summary>
    public string? Grinder { get; init; }

    /// <summary>The water.</summary>
    public string? Water { get; init; }

    /// <summary>The room, such as 21 °C and quiet.</summary>
    public string? Room { get; init; }

    /// <summary>Who poured.</summary>
    public string? Poured { get; init; }
}
