using Krasis.Core.Input;

namespace Krasis.Tasting.Documents;

/// <summary>What one taster answered, told of samples instead of codes.</summary>
/// <param name="Liking">How much each sample is liked, by its place among the samples.</param>
/// <param name="Said">What was said of each on each scale.</param>
/// <param name="Order">The samples in order, the best first; empty where that was not asked or left out.</param>
/// <param name="Chosen">The glass that was chosen; null where none was.</param>
/// <param name="IsRight">Whether it was the odd one, or the same as the one to compare with; null where there is no
/// right one.</param>
/// <param name="Comment">What else was said; null where nothing was.</param>
public sealed record Answer(
    IReadOnlyDictionary<int, int> Liking,
    IReadOnlyDictionary<(int Sample, string Scale), int> Said,
    IReadOnlyList<int> Order,
    int? Chosen,
    bool? IsRight,
    string? Comment
)
{
    /// <summary>The longest comment, in characters.</summary>
    public const int LongestComment = 10_000;

    /// <summary>The points of liking there are, 1 the least.</summary>
    public const int MostLiking = 9;

    /// <summary>Whether nothing at all was answered.</summary>
    public bool IsEmpty =>
        Liking.Count == 0 && Said.Count == 0 && Order.Count == 0 && Chosen is null && Comment is null;

    /// <summary>Reads what a taster sent.</summary>
    /// <param name="document">What was sent.</param>
    /// <param name="tasting">The tasting.</param>
    /// <param name="glasses">What stood before the taster.</param>
    public static Reading<Answer> Read(AnswerDocument document, TastingSetup tasting, IReadOnlyList<Glass> glasses)
    {
        var fields = new FieldReader();
        var (liking, said) = ReadCups(document, tasting, glasses, fields);
        var order = document
            .Order.Select((code, i) => Find(glasses, code, $"order[{i}]", fields)?.Sample)
            .OfType<int>()
            .ToList();
        if (order.Count > 0 && order.Distinct().Count() != glasses.Count)
        {
            fields.Report("order", null, "Not every cup has a place of its own.", "every code once, the best first");
        }

        var chosen = document.Chosen is null ? null : Find(glasses, document.Chosen, "chosen", fields);
        if (chosen is { IsReference: true })
        {
            fields.Report("chosen", document.Chosen, "That is the cup to compare with.", "one of the two others");
        }

        var comment = document.Comment?.Trim() is { Length: > 0 } words ? words : null;
        if (comment?.Length > LongestComment)
        {
            fields.Report(
                "comment",
                null,
                $"The comment has {comment.Length} characters.",
                $"{LongestComment} at the most"
            );
        }

        return fields.Finish(() =>
            new Answer(
                liking,
                said,
                order,
                chosen?.Sample,
                chosen is null ? null : Judged(chosen, tasting, glasses),
                comment
            )
        );
    }

    private static (Dictionary<int, int> Liking, Dictionary<(int, string), int> Said) ReadCups(
        AnswerDocument document,
        TastingSetup tasting,
        IReadOnlyList<Glass> glasses,
        FieldReader fields
    )
    {
        var liking = new Dictionary<int, int>();
        var said = new Dictionary<(int, string), int>();
        for (var i = 0; i < document.Cups.Count; i++)
        {
            var (glass, at) = (document.Cups[i], $"cups[{i}]");
            if (Find(glasses, glass.Code, $"{at}.code", fields) is not { } found)
            {
                continue;
            }

            if (glass.Liking is { } points)
            {
                liking[found.Sample] = fields.Whole($"{at}.liking", points, 1, MostLiking, "");
            }

            for (var j = 0; j < glass.Scales.Count; j++)
            {
                if (ReadScale(glass.Scales[j], $"{at}.scales[{j}]", tasting, fields) is { } answer)
                {
                    said[(found.Sample, answer.Scale)] = answer.Said;
                }
            }
        }

        return (liking, said);
    }

    private static (string Scale, int Said)? ReadScale(
        ScaleAnswerDocument answer,
        string place,
        TastingSetup tasting,
        FieldReader fields
    )
    {
        if (tasting.Scales.All(scale => scale.Code != answer.Scale))
        {
            fields.Report(
                $"{place}.scale",
                answer.Scale,
                "That scale is not asked.",
                string.Join(", ", tasting.Scales.Select(scale => scale.Code))
            );
            return null;
        }

        return (answer.Scale!, fields.Whole($"{place}.said", answer.Said, -JarScale.Farthest, JarScale.Farthest, ""));
    }

    private static Glass? Find(IReadOnlyList<Glass> glasses, string? code, string field, FieldReader fields)
    {
        var glass = glasses.FirstOrDefault(each => each.Code == code?.Trim());
        if (glass is null)
        {
            fields.Report(
                field,
                code,
                code is null ? "No code is given." : $"No cup before this taster says '{Problem.Shorten(code)}'.",
                string.Join(", ", glasses.Select(each => each.Code))
            );
        }

        return glass;
    }

    private static bool? Judged(Glass glass, TastingSetup tasting, IReadOnlyList<Glass> glasses) =>
        tasting.Question.Code switch
        {
            "triangle" => glasses.Count(each => each.Sample == glass.Sample) == 1,
            "duo-trio" => glass.Sample == glasses.First(each => each.IsReference).Sample,
            _ => null,
        };
}
