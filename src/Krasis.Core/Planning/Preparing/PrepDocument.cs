namespace Krasis.Core.Planning.Preparing;

/// <summary>How the house prepares, as it is entered and stored.</summary>
public sealed record PrepDocument
{
    /// <summary>What is made and bought is to last with this probability, %; 90 when missing.</summary>
    public double? LastsPercent { get; init; }

    /// <summary>How many days are planned; 7 when missing.</summary>
    public double? Days { get; init; }

    /// <summary>When the house is open and somebody works: seven entries, Monday first.</summary>
    public IReadOnlyList<HoursDocument> Hours { get; init; } = [];

    /// <summary>Sorts of days.</summary>
    public IReadOnlyList<DayKindDocument> Kinds { get; init; } = [];

    /// <summary>What can be busy: a blender, a steeping bucket, freezer trays.</summary>
    public IReadOnlyList<EquipmentDocument> Equipment { get; init; } = [];

    /// <summary>What the fridge holds, l; not watched when missing.</summary>
    public double? FridgeLitres { get; init; }

    /// <summary>How what the house makes is made.</summary>
    public IReadOnlyList<MakingDocument> Makings { get; init; } = [];

    /// <summary>How what it buys is bought.</summary>
    public IReadOnlyList<BuyingDocument> Buying { get; init; } = [];
}

/// <summary>One weekday's hours. A day without opening hours is a day on which nothing is sold.</summary>
public sealed record HoursDocument
{
    /// <summary>When it opens, as 07:30; missing when it is closed.</summary>
    public string? Opens { get; init; }

    /// <summary>When it closes.</summary>
    public string? Closes { get; init; }

    /// <summary>From when on somebody prepares; missing when nobody does.</summary>
    public string? WorkFrom { get; init; }

    /// <summary>Until when.</summary>
    public string? WorkTo { get; init; }

    /// <summary>How many prepare side by side; 1 when missing.</summary>
    public double? People { get; init; }
}

/// <summary>A sort of day.</summary>
public sealed record DayKindDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the house calls it.</summary>
    public string? Name { get; init; }

    /// <summary>How much is sold, % of an ordinary day of the same weekday.</summary>
    public double? Percent { get; init; }
}

/// <summary>Something that can be busy.</summary>
public sealed record EquipmentDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the house calls it.</summary>
    public string? Name { get; init; }

    /// <summary>How many there are.</summary>
    public double? Count { get; init; }
}

/// <summary>How something is made in batches.</summary>
public sealed record MakingDocument
{
    /// <summary>The id of the part, the brewed coffee, the ice or whatever else the house makes.</summary>
    public string? Ingredient { get; init; }

    /// <summary>The most that is made at once, g.</summary>
    public double? BatchGrams { get; init; }

    /// <summary>The least that is sensible, g.</summary>
    public double? LeastGrams { get; init; }

    /// <summary>How long somebody works on a batch, min.</summary>
    public double? WorkMinutes { get; init; }

    /// <summary>How long it then stands before it can be used, min.</summary>
    public double? WaitMinutes { get; init; }

    /// <summary>What it stands for: steep, cool, freeze or rest.</summary>
    public string? Wait { get; init; }

    /// <summary>The equipment that is busy while somebody works on it.</summary>
    public IReadOnlyList<string> WorkOn { get; init; } = [];

    /// <summary>The equipment that is busy while it stands.</summary>
    public string? WaitOn { get; init; }

    /// <summary>How many days it keeps, the day of making counted; as the part says when missing.</summary>
    public double? KeepsDays { get; init; }

    /// <summary>Whether it is cooked and has to be cooled in time.</summary>
    public bool? IsCooked { get; init; }

    /// <summary>Whether it stands in the fridge; as the part says when missing.</summary>
    public bool? IsChilled { get; init; }

    /// <summary>Who makes it.</summary>
    public string? Who { get; init; }
}

/// <summary>How something is bought.</summary>
public sealed record BuyingDocument
{
    /// <summary>What: <c>ingredient:farm-milk</c>, <c>ground:lock-espresso</c>, <c>cup:wren</c>.</summary>
    public string? Item { get; init; }

    /// <summary>How many packs are to stand there when all that is planned has been used.</summary>
    public double? ParPacks { get; init; }

    /// <summary>How many days from the order to the delivery.</summary>
    public double? LeadDays { get; init; }

    /// <summary>How many cups are in a sleeve; for cups only, whose price is the cup's.</summary>
    public double? PackPieces { get; init; }
}
