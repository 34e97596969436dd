using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;

namespace Krasis.Core.Tests.Bar;

/// <summary>A sort of fact is described once, and whoever forgets a part of it hears of it here.</summary>
public class BarKindsTests
{
    private static readonly string[] Properties =
    [
        .. typeof(BarDocument)
            .GetProperties()
            .Where(property => property.Name != "EqualityContract")
            .Select(property => property.Name),
    ];

    [Fact]
    public void Whatever_a_bar_has_is_a_sort_of_fact() =>
        Assert.Equal(
            Properties.Select(name => char.ToLowerInvariant(name[0]) + name[1..]).Order(),
            BarKinds.All.Select(kind => kind.Name).Order()
        );

    [Fact]
    public void Each_takes_its_own_out_of_a_bar_and_puts_it_back_under_its_id() => BarKinds.Each(new PutsBack());

    [Fact]
    public void Each_has_ids_of_their_own() => BarKinds.Each(new HasIdsOfTheirOwn());

    [Fact]
    public void Each_is_read_with_the_bar() => BarKinds.Each(new IsRead());

    private sealed class PutsBack : IBarKindVisitor
    {
        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            var id = kind.OnlyId ?? "an-id";
            var document = kind.Named(Activator.CreateInstance<TDocument>(), id);
            var bar = kind.Into(new BarDocument(), [document]);

            Assert.Equal(id, kind.Id(document));
            Assert.Same(document, Assert.Single(kind.From(bar)));
            Assert.All(BarKinds.All.Where(other => other != kind && other.OnlyId is null), other =>
                Assert.False(
                    other.Need(bar, id)(
                        new BarNeeds(
                            new HashSet<string> { id },
                            new HashSet<string> { id },
                            new HashSet<string> { id },
                            true
                        )
                    )
                )
            );
        }
    }

    /// <summary>The first of a sort, written a second time, is refused.</summary>
    private sealed class HasIdsOfTheirOwn : IBarKindVisitor
    {
        private static readonly BarDocument Bar = FullBar.Document with
        {
            Coffees =
            [
                new()
                {
                    Id = "batch",
                    Name = "Batch",
                    Ingredient = "coffee",
                    Method = "batch",
                    CoffeeGrams = 70,
                    WaterGrams = 1000,
                    ExtractionPercent = 20,
                },
            ],
            Parts =
            [
                new()
                {
                    Id = "mix",
                    Name = "Mix",
                    Kind = "milk",
                    Colour = "#aabbcc",
                    Lines =
                    [
                        new()
                        {
                            Ingredient = "milk",
                            Amount = 1,
                            Measure = "g",
                        },
                    ],
                },
            ],
            Stations = [new() { Id = "bar", Name = "Bar" }],
        };

        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            if (kind.OnlyId is not null)
            {
                return;
            }

            var all = kind.From(Bar);
            var reading = BarReader.Read(kind.Into(Bar, [.. all, all[0]]));
            Assert.Contains(reading.Problems, problem => problem.Field == $"{kind.PathOf(all.Count)}.id");
        }
    }

    /// <summary>Something of which nothing is said cannot be read, and the problem is under the sort's own
    /// name.</summary>
    private sealed class IsRead : IBarKindVisitor
    {
        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            if (kind.OnlyId is not null)
            {
                return; // The house rules may all be left unsaid.
            }

            var reading = BarReader.Read(kind.Into(new BarDocument(), [Activator.CreateInstance<TDocument>()]));
            Assert.Contains(reading.Problems, problem =>
                problem.Field.StartsWith($"{kind.PathOf(0)}.", StringComparison.Ordinal)
            );
        }
    }
}
