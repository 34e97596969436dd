using System.IO.Compression;
using System.Net;
using System.Xml.Linq;
using CsCheck;
using Krasis.Core.Tests.Outside;
using Krasis.Exchange;

namespace Krasis.Web.Tests.Files;

/// <summary>The house's tables, in both of their forms, read back by readers that have nothing to do with what wrote
/// them: XML by itself, and a line of RFC 4180 at a time.</summary>
public sealed class SheetApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    private static readonly XNamespace Main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";

    [Fact]
    public async Task Every_table_says_the_same_in_both_forms()
    {
        var names = (await server.Get("/api/files/sheets"))
            .Json.AsArray()
            .Select(sheet => (string)sheet!["name"]!)
            .ToList();
        Assert.Contains("board", names);
        Assert.Contains("bar-ingredients", names);
        foreach (var name in names)
        {
            var rows = Rows((await server.Get($"/api/files/sheets/{name}.csv")).Text);
            var cells = Cells(
                await server.Http.GetByteArrayAsync(
                    new Uri($"/api/files/sheets/{name}.xlsx", UriKind.Relative),
                    TestContext.Current.CancellationToken
                )
            )[name];
            Assert.All(rows, row => Assert.Equal(rows[0].Count, row.Count));
            Assert.Equal(rows[0].Count, rows[0].Distinct().Count());
            for (var i = 0; i < rows.Count; i++)
            {
                for (var j = 0; j < rows[i].Count; j++)
                {
                    Assert.Equal(SafeText.Back(rows[i][j]), cells.GetValueOrDefault((i, j), ""));
                }
            }
        }
    }

    [Fact]
    public async Task All_are_in_one_workbook()
    {
        var names = (await server.Get("/api/files/sheets"))
            .Json.AsArray()
            .Select(sheet => (string)sheet!["name"]!)
            .ToList();
        var all = Cells(
            await server.Http.GetByteArrayAsync(
                new Uri("/api/files/sheets/all.xlsx", UriKind.Relative),
                TestContext.Current.CancellationToken
            )
        );
        Assert.Equal(names.Order(), all.Keys.Order());
    }

    [Theory]
    [InlineData("=1+1")]
    [InlineData("+46 syrup")]
    [InlineData("-5 drops")]
    [InlineData("@home syrup")]
    [InlineData("'=quoted")]
    public async Task A_name_that_looks_like_a_formula_is_none_and_comes_back_unchanged(string name)
    {
        var syrup = (await server.Get("/api/bar")).Json["ingredients"]!
            .AsArray()
            .First(one => (string?)one!["document"]!["kind"] == "syrup")!["document"]!.DeepClone();
        syrup["name"] = name;
        var added = await server.Post("/api/bar/ingredients", syrup);
        Assert.True(added.Status == 201, added.Text);

        var csv = (await server.Get("/api/files/sheets/bar-ingredients.csv")).Text;
        var row = Rows(csv).Single(one => one[0] == (string)added.Json["id"]!);
        Assert.Equal($"'{name}", row[1]);
        Assert.Equal(name, SafeText.Back(row[1]));
        var workbook = await server.Http.GetByteArrayAsync(
            new Uri("/api/files/sheets/bar-ingredients.xlsx", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        Assert.Contains(name, Cells(workbook)["bar-ingredients"].Values);
    }

    [Fact]
    public async Task A_cup_that_is_called_as_a_column_is_has_one_of_its_own()
    {
        var cup = (await server.Get("/api/bar")).Json["cups"]![0]!["document"]!.DeepClone();
        cup["name"] = "Build";
        Assert.Equal(201, (await server.Post("/api/bar/cups", cup)).Status);
        Assert.Contains("Build 2", Rows((await server.Get("/api/files/sheets/builds.csv")).Text)[0]);
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await server.Http.GetAsync(
                    new Uri("/api/files/sheets/all.xlsx", UriKind.Relative),
                    TestContext.Current.CancellationToken
                )
            ).StatusCode
        );
    }

    [Fact]
    public void Any_text_comes_back_unchanged() =>
        Gen.OneOf(
                Gen.String,
                Gen.Select(
                    Gen.OneOfConst("'", "''", "=", "+", "-", "@", "\t", "\r", "\n", "'=", "''@"),
                    Gen.String,
                    (before, text) => before + text
                )
            )
            .Seeded()
            .Sample(text =>
            {
                var safe = SafeText.Of(text)!;
                Assert.Equal(text, SafeText.Back(safe));
                Assert.False(safe is [('=' or '+' or '-' or '@'), ..] || (safe.Length > 0 && char.IsControl(safe[0])));
            });

    [Fact]
    public async Task The_board_says_of_every_drink_what_nobody_has_read()
    {
        var rows = Rows((await server.Get("/api/files/sheets/board.csv")).Text);
        var (milk, unread) = (rows[0].IndexOf("milk"), rows[0].IndexOf("not_read"));
        Assert.Contains(rows.Skip(1), row => row[milk] == "contains");

        // Where something has not been read nothing is said to be on no label.
        Assert.All(rows.Skip(1).Where(row => row[unread].Length > 0), row => Assert.DoesNotContain("on no label", row));
    }

    [Theory]
    [InlineData("/api/files/sheets/house.csv")]
    [InlineData("/api/files/sheets/..%2F..%2Fkrasis.xlsx")]
    public async Task There_is_no_other_table(string path) => Assert.Equal(404, (await server.Get(path)).Status);

    // RFC 4180, and nothing more.
    private static List<List<string>> Rows(string csv)
    {
        var (rows, row, cell, isQuoted) = (
            new List<List<string>>(),
            new List<string>(),
            new System.Text.StringBuilder(),
            false
        );
        for (var i = 0; i < csv.Length; i++)
        {
            if (isQuoted)
            {
                if (csv[i] != '"')
                {
                    cell.Append(csv[i]);
                }
                else if (i + 1 < csv.Length && csv[i + 1] == '"')
                {
                    cell.Append('"');
                    i++;
                }
                else
                {
                    isQuoted = false;
                }
            }
            else if (csv[i] == '"')
            {
                isQuoted = true;
            }
            else if (csv[i] is ',' or '\r')
            {
                row.Add(cell.ToString());
                cell.Clear();
                if (csv[i] == '\r')
                {
                    rows.Add(row);
                    row = [];
                    i++;
                }
            }
            else
            {
                cell.Append(csv[i]);
            }
        }

        return rows;
    }

    // ECMA-376: what stands in the cells of each sheet; a cell that is a formula fails.
    private static Dictionary<string, Dictionary<(int Row, int Column), string>> Cells(byte[] workbook)
    {
        using var zip = new ZipArchive(new MemoryStream(workbook));
        XDocument Part(string path)
        {
            using var stream = zip.GetEntry(path)!.Open();
            return XDocument.Load(stream);
        }

        var shared = zip.GetEntry("xl/sharedStrings.xml") is null
            ? []
            : Part("xl/sharedStrings.xml").Root!.Elements(Main + "si").Select(item => item.Value).ToList();
        var targets = Part("xl/_rels/workbook.xml.rels")
            .Root!.Elements()
            .ToDictionary(
                one => (string)one.Attribute("Id")!,
                one => ((string)one.Attribute("Target")!).TrimStart('/')
            );
        return Part("xl/workbook.xml")
            .Descendants(Main + "sheet")
            .ToDictionary(
                sheet => (string)sheet.Attribute("name")!,
                sheet =>
                {
                    var target = targets[
                        (string)
                            sheet.Attribute(
                                XName.Get("id", "http://schemas.openxmlformats.org/officeDocument/2006/relationships")
                            )!
                    ];
                    var cells = new Dictionary<(int, int), string>();
                    foreach (
                        var cell in Part(target.StartsWith("xl/", StringComparison.Ordinal) ? target : $"xl/{target}")
                            .Descendants(Main + "c")
                    )
                    {
                        Assert.Null(cell.Element(Main + "f"));
                        var at = (string)cell.Attribute("r")!;
                        var letters = at.TakeWhile(char.IsLetter)
                            .Aggregate(0, (sum, letter) => (sum * 26) + letter - 'A' + 1);
                        var value = (string?)cell.Attribute("t") switch
                        {
                            "s" => shared[
                                int.Parse(
                                    cell.Element(Main + "v")!.Value,
                                    System.Globalization.CultureInfo.InvariantCulture
                                )
                            ],
                            "inlineStr" => cell.Element(Main + "is")!.Value,
                            "str" => cell.Element(Main + "v")?.Value ?? "",
                            _ => cell.Element(Main + "v")?.Value is { Length: > 0 } number
                                ? double.Parse(number, System.Globalization.CultureInfo.InvariantCulture)
                                    .ToString("0.######", System.Globalization.CultureInfo.InvariantCulture)
                                : "",
                        };
                        cells[
                            (
                                int.Parse(
                                    at.SkipWhile(char.IsLetter).ToArray(),
                                    System.Globalization.CultureInfo.InvariantCulture
                                ) - 1,
                                letters - 1
                            )
                        ] = value;
                    }

                    return cells;
                }
            );
    }
}
