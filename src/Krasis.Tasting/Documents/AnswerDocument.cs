namespace Krasis.Tasting.Documents;

/// <summary>What one taster answered. Cups are named by their codes.</summary>
public sealed record AnswerDocument
{
    /// <summary>What was said of each glass, where it was asked how it suits.</summary>
    public IReadOnlyList<CupAnswerDocument> Cups { get; init; } = [];

    /// <summary>The codes in order, the best first, where that was asked.</summary>
    public IReadOnlyList<string> Order { get; init; } = [];

    /// <summary>The code that was chosen, where one was to be.</summary>
    public string? Chosen { get; init; }

    /// <summary>What else was said.</summary>
    public string? Comment { get; init; }

    /// <summary>The same without the nulls that its lists may hold when it comes from outside, whatever their types
    /// say.</summary>
    public AnswerDocument WithoutNulls() =>
        this with
        {
            Cups =
            [
                .. (Cups ?? [])
                    .Where(each => each is not null)
                    .Select(each => each with { Scales = [.. (each.Scales ?? []).Where(one => one is not null)] }),
            ],
            Order = [.. (Order ?? []).Where(each => each is not null)],
        };
}

/// <summary>What was said of one glass.</summary>
public sealed record CupAnswerDocument
{
    /// <summary>Its code.</summary>
    public string? Code { get; init; }

    /// <summary>How much it is liked, 1 not at all to 9 extremely; missing where that was left out.</summary>
    public double? Liking { get; init; }

    /// <summary>What was said on the scales; what was left out is missing.</summary>
    public IReadOnlyList<ScaleAnswerDocument> Scales { get; init; } = [];
}

/// <summary>What was said on one scale.</summary>
public sealed record ScaleAnswerDocument
{
    /// <summary>The scale's code.</summary>
    public string? Scale { get; init; }

    /// <summary>−2 much too little, 0 just right, 2 much too much.</summary>
    public double? Said { get; init; }
}
