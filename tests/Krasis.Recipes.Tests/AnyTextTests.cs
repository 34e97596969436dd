using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Tests.Outside;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Tests;

/// <summary>Whatever is pasted: it is read to the end, and all of it is accounted for.</summary>
public class AnyTextTests
{
    private static readonly string[] Texts = [.. Enumerable.Range(1, 40).Select(ExpectedRecipe.Text)];

    // Pieces of real recipes and of nothing, in any order.
    private static readonly Gen<string> Scraps = Gen.OneOf(
        Gen.OneOfConst(
            "3 pumps ",
            "½",
            "1/2",
            "16oz: ",
            "(",
            ")",
            "((((",
            "1:2:3",
            " or ",
            "unless ",
            "|",
            "\t",
            "\n\n",
            "# ",
            "18g > 40g",
            "°C",
            "to the ",
            "third line",
            "fill ",
            "😀",
            "\u0000",
            "\ufeff",
            "9999999999",
            "2/3/4/5",
            "x",
            "=",
            "- ",
            "\r\n",
            "---",
            "a ",
            "half ",
            "%",
            "maple",
            "farm milk",
            "ice"
        ),
        Gen.Char.Array[0, 6].Select(letters => new string(letters)),
        Gen.Select(Gen.OneOfConst(Texts), Gen.Int[0, 400], Gen.Int[1, 60], (text, at, length) =>
            text.Substring(at % text.Length, Math.Min(length, text.Length - (at % text.Length)))
        )
    );

    [Fact]
    public void Every_letter_is_in_one_piece() =>
        Scraps
            .Array[0, 30]
            .Select(string.Concat)
            .Seeded()
            .Sample(
                text =>
                {
                    var at = -1;
                    foreach (var recipe in RecipeReader.Read(text, PloverLock.Bar, []))
                    {
                        at = at < 0 ? recipe.Start : at;
                        Assert.Equal(at, recipe.Start);
                        foreach (var piece in recipe.Pieces)
                        {
                            Assert.Equal(at, piece.Start);
                            Assert.True(piece.Length > 0);
                            Assert.True(piece.Kind != PieceKind.Between || piece.Says is null);
                            at += piece.Length;
                        }

                        Assert.Equal(at, recipe.Start + recipe.Length);
                    }

                    Assert.True(at == text.Length || string.IsNullOrWhiteSpace(text) || at == -1);
                },
                iter: 1000
            );

    [Fact]
    public void A_draft_needs_nothing_but_a_name() =>
        Scraps
            .Array[0, 20]
            .Select(string.Concat)
            .Seeded()
            .Sample(
                text =>
                {
                    foreach (var recipe in RecipeReader.Read(text, PloverLock.Bar, []))
                    {
                        var bar = Core.Bar.Kinds.BarReader.Read(
                            PloverLock.Bar with
                            {
                                Parts = [.. PloverLock.Bar.Parts, .. recipe.Parts],
                            }
                        );
                        var reading = BuildReader.Read(recipe.Draft with { Name = "Otter" }, bar.Value);
                        Assert.True(
                            reading.IsRead,
                            reading.IsRead
                                ? ""
                                : string.Join(
                                    "; ",
                                    reading.Problems.Select(problem => $"{problem.Field}: {problem.Message}")
                                )
                        );
                    }
                },
                iter: 1000
            );

    [Fact]
    public void Nothing_that_goes_in_is_in_no_piece() =>
        Scraps
            .Array[0, 20]
            .Select(string.Concat)
            .Seeded()
            .Sample(
                text =>
                {
                    // What a draft holds was read or guessed from something, and says so there.
                    foreach (var recipe in RecipeReader.Read(text, PloverLock.Bar, []))
                    {
                        Assert.True(
                            recipe.Draft.Lines.Count == 0
                                || recipe.Pieces.Any(piece =>
                                    piece.Kind is PieceKind.Read or PieceKind.Guessed or PieceKind.NotUnderstood
                                )
                        );
                    }
                },
                iter: 500
            );

    [Fact]
    public void A_text_of_nothing_but_brackets_is_read_to_the_end()
    {
        foreach (var sign in new[] { "(", ")", "|", "1:", "2/", "a ", "\n", "maple ", "=" })
        {
            var text = string.Concat(Enumerable.Repeat(sign, 5000));
            Assert.All(RecipeReader.Read(text, PloverLock.Bar, []), recipe =>
                Assert.Equal(recipe.Length, recipe.Pieces.Sum(piece => piece.Length))
            );
        }
    }
}
