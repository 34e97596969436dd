using Krasis.Core.Input;

namespace Krasis.Tasting.Documents;

/// <summary>Turns a tasting as it is set up into one that can be held.</summary>
public static class TastingReader
{
    private const int MostScales = 8;

    /// <summary>Reads a tasting. Whether its builds are there is not looked at.</summary>
    public static Reading<TastingSetup> Read(TastingDocument document)
    {
        var fields = new FieldReader();
        var name = fields.Name("name", document.Name);
        var question = TastingQuestion.All.FirstOrDefault(each => each.Code == document.Question);
        if (question is null)
        {
            fields.Report(
                "question",
                document.Question,
                "It is not said what is asked.",
                string.Join(", ", TastingQuestion.All.Select(each => each.Code))
            );
            return Reading<TastingSetup>.Failed(fields.Problems);
        }

        var count = document.Samples.Count;
        if (count < question.LeastSamples || count > question.MostSamples)
        {
            var needs =
                question.LeastSamples == question.MostSamples
                    ? $"{question.LeastSamples}"
                    : $"{question.LeastSamples} to {question.MostSamples}";
            fields.Report(
                "samples",
                null,
                $"There {(count == 1 ? "is 1 sample" : $"are {count} samples")}.",
                $"{needs} of them for '{question.Name}'"
            );
        }

        for (var i = 0; i < count; i++)
        {
            ReadSample(document.Samples[i], i, fields);
        }

        foreach (
            var twin in Enumerable
                .Range(0, count)
                .Where(i => document.Samples.Take(i).Any(other => other == document.Samples[i]))
        )
        {
            fields.Report(
                $"samples[{twin}]",
                null,
                "This sample stands there twice.",
                "another build, size or version"
            );
        }

        var scales = ReadScales(document, question, fields);
        var tasters = fields.Whole("tasters", document.Tasters ?? 12, 1, TastingSetup.MostTasters, "tasters");
        var grams = fields.Number("grams", document.Grams ?? TastingSetup.UsualGrams, 5, 300, "g");
        var celsius = fields.Number("celsius", document.Celsius ?? TastingSetup.UsualCelsius, 30, 70, "°C");
        var seed = fields.Whole("seed", document.Seed ?? 1, 0, int.MaxValue, "");
        ReadConditions(document.Conditions, fields);
        return fields.Finish(() =>
            new TastingSetup(name, question, document.Samples, scales, tasters, grams, celsius, seed)
        );
    }

    private static void ReadSample(SampleDocument sample, int place, FieldReader fields)
    {
        var at = $"samples[{place}]";
        if (sample.Build is null)
        {
            Called($"{at}.words", sample.Words, $"It is not said what sample {place + 1} is.", fields);
            fields.Optional($"{at}.sugarsPer100", sample.SugarsPer100, 0, 100, "g");
            fields.Optional($"{at}.energyPer100", sample.EnergyPer100, 0, 900, "kcal");
            return;
        }

        fields.Id($"{at}.build", sample.Build);
        fields.Id($"{at}.size", sample.Size);
    }

    private static List<JarScale> ReadScales(TastingDocument document, TastingQuestion question, FieldReader fields)
    {
        if (question.Method is not null)
        {
            return [];
        }

        var scales = new List<JarScale>();
        foreach (var code in document.Scales.Distinct())
        {
            if (JarScale.All.FirstOrDefault(each => each.Code == code) is { } scale)
            {
                scales.Add(scale);
            }
            else
            {
                fields.Report(
                    "scales",
                    code,
                    $"'{Problem.Shorten(code)}' is no scale.",
                    string.Join(", ", JarScale.All.Select(each => each.Code))
                );
            }
        }

        for (var i = 0; i < document.Own.Count; i++)
        {
            var (own, at) = (document.Own[i], $"own[{i}]");
            scales.Add(
                new JarScale(
                    $"own-{i + 1}",
                    Called($"{at}.name", own.Name, $"Your scale {i + 1} has no name.", fields),
                    Called($"{at}.tooLittle", own.TooLittle, $"Your scale {i + 1} has no word for too little.", fields),
                    Called($"{at}.tooMuch", own.TooMuch, $"Your scale {i + 1} has no word for too much.", fields),
                    null
                )
            );
        }

        if (scales.Count > MostScales)
        {
            fields.Report(
                "scales",
                null,
                $"There are {scales.Count} scales: nobody tastes for so many.",
                $"{MostScales} at the most"
            );
        }

        return scales;
    }

    // Of many things without a name it is said which one has none.
    private static string Called(string field, string? value, string missing, FieldReader fields)
    {
        if (!string.IsNullOrWhiteSpace(value))
        {
            return fields.Name(field, value);
        }

        fields.Report(field, value, missing, "1 to 120 characters on one line");
        return "";
    }

    private static void ReadConditions(ConditionsDocument conditions, FieldReader fields)
    {
        fields.Note("conditions.coffee", conditions.Coffee);
        fields.Day("conditions.roastedOn", conditions.RoastedOn);
        fields.Note("conditions.grinder", conditions.Grinder);
        fields.Note("conditions.water", conditions.Water);
        fields.Note("conditions.room", conditions.Room);
        fields.Note("conditions.poured", conditions.Poured);
    }
}
